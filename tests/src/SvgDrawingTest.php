<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Work\SvgDrawing;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\SpotRequest;
use Ektype\Core\Separation\SpotSeparation;
use PHPUnit\Framework\TestCase;

final class SvgDrawingTest extends TestCase
{
    /** A drawing at film resolution holds its own colours and none between, at any angle and in any band. */
    public function testADrawingStaysFlat(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'svg');
        file_put_contents($path, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 60"><circle cx="30" cy="30" r="20" fill="#f0e2b0"/><path d="M55 5 L95 20 L70 55 Z" fill="#b84a30"/><path d="M5 5 C40 0 60 50 95 55" fill="none" stroke="#8fb3a2" stroke-width="1.5"/></svg>');
        $whole = null;
        foreach ([new ArtFraming(), new ArtFraming(turnDeg: 17), new ArtFraming(left: 0.1, width: 0.7, mirror: true)] as $framing) {
            $art = (new SvgDrawing())->over(ArtFile::at($path), 100, 600, Srgb::fromHex('#1b2436'), $framing);
            $whole ??= $art;
            [$w, $h] = $framing->size(100, 60);
            self::assertSame([2362, (int) round(100 * $h / $w / 25.4 * 600)], [$art->width, $art->height]);
            $colours = [];
            foreach (str_split($art->rgb, 3) as $pixel) {
                $colours[$pixel] = true;
            }
            self::assertEqualsCanonicalizing(['1b2436', 'f0e2b0', 'b84a30', '8fb3a2'], array_map(bin2hex(...), array_keys($colours)));
        }
        $plates = SpotSeparation::of($whole, new SpotRequest(100, Srgb::fromHex('#1b2436')))->plates;
        $triangle = array_values(array_filter($plates, static fn (SeparatedPlate $p): bool => $p->artColour?->hex() === '#b84a30'))[0];
        self::assertLessThan(abs((95 - 55) * (55 - 5) - (70 - 55) * (20 - 5)) / 200 + 0.05, $triangle->areaCm2);
        unlink($path);
    }
}
