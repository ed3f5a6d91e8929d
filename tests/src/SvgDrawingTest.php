<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\FilmSet\Lettering;
use Ektype\App\Work\Picture\SvgDrawing;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Separation\SeparatedPlate;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class SvgDrawingTest extends TestCase
{
    /** A drawing at film resolution holds its own colours and none between, at any angle and in any band. */
    #[Group('long')]
    public function testADrawingStaysFlat(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'svg');
        file_put_contents($path, '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 60"><circle cx="30" cy="30" r="20" fill="#f0e2b0"/><path d="M55 5 L95 20 L70 55 Z" fill="#b84a30"/><path d="M5 5 C40 0 60 50 95 55" fill="none" stroke="#8fb3a2" stroke-width="1.5"/></svg>');
        $whole = null;
        foreach ([new ArtFraming(), new ArtFraming(turnDeg: 17), new ArtFraming(left: 0.1, width: 0.7, mirror: true)] as $framing) {
            $art = (new SvgDrawing())->over(ArtFile::at($path), 100, 600, Srgb::fromHex('#1b2436'), $framing);
            $whole ??= $art;
            $size = $framing->size(100, 60);
            self::assertSame([2362, (int) round(100 * $size->height / $size->width / 25.4 * 600)], [$art->width, $art->height]);
            $colours = [];
            foreach (str_split($art->rgb, 3) as $pixel) {
                $colours[$pixel] = true;
            }
            self::assertEqualsCanonicalizing(['1b2436', 'f0e2b0', 'b84a30', '8fb3a2'], array_map(bin2hex(...), array_keys($colours)));
        }
        $plates = SpotSeparation::of($whole, new SpotRequest(100, Srgb::fromHex('#1b2436')))->plates;
        $triangle = array_values(array_filter($plates, static fn (SeparatedPlate $p): bool => $p->artColour?->hex() === '#b84a30'))[0];
        self::assertLessThan(abs((95 - 55) * (55 - 5) - (70 - 55) * (20 - 5)) / 200 + 0.05, $triangle->area->cm2);
        unlink($path);
    }

    /** What its style says of the whole drawing holds: rules on the root, by its name, its class or as the root. */
    public function testStyleRulesOnTheRootHold(): void
    {
        foreach (['svg { fill: #b84a30 }', ':root { fill: #b84a30 }', '.all { fill: #b84a30 }', 'svg > rect { fill: #b84a30 }'] as $rule) {
            $art = $this->drawn('<svg xmlns="http://www.w3.org/2000/svg" class="all" viewBox="0 0 20 10"><style>'.$rule.'</style><rect x="2" y="2" width="6" height="6"/></svg>', 20, 254);
            self::assertSame('b84a30', self::at($art, 50, 50), $rule);
            self::assertSame('1b2436', self::at($art, 150, 50));
        }
    }

    /** A page of 1.5 by 1 units fills its film to the last pixel, wherever its box begins. */
    public function testAPageOfFractionsFillsItsFilm(): void
    {
        foreach ([
            'viewBox="0 0 1.5 1"' => [1.5, 1.0, 0.0, 0.0],
            'viewBox="-0.75 -0.5 1.5 1" width="30mm"' => [1.5, 1.0, -0.75, -0.5],
            'width="1.5" height="1"' => [1.5, 1.0, 0.0, 0.0],
        ] as $page => [$wide, $high, $left, $top]) {
            $edge = \sprintf('<rect x="%F" y="%F" width="%F" height="%F" fill="#f0e2b0"/>', $left, $top, $wide, $high)
                .\sprintf('<rect x="%F" y="%F" width="%F" height="%F" fill="#b84a30"/>', $left + $wide / 2, $top, $wide / 2, $high / 2);
            $art = $this->drawn('<svg xmlns="http://www.w3.org/2000/svg" '.$page.'>'.$edge.'</svg>', 30, 254);
            self::assertSame([300, 200], [$art->width, $art->height], $page);
            self::assertSame(['f0e2b0', 'f0e2b0', 'b84a30', 'b84a30'], [
                self::at($art, 0, 0),
                self::at($art, 149, 99),
                self::at($art, 150, 99),
                self::at($art, 299, 0),
            ], $page);
            self::assertSame(['f0e2b0', 'f0e2b0'], [self::at($art, 299, 100), self::at($art, 299, 199)], $page);
        }
    }

    /** Drawn in many bands it is the same as drawn in one. */
    #[Group('long')]
    public function testNoSeamShowsBetweenBands(): void
    {
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 90"><circle cx="31" cy="44" r="27.3" fill="#f0e2b0"/><path d="M3 3 L57 87" stroke="#b84a30" stroke-width="2.2"/></svg>';
        $art = $this->drawn($svg, 600, 300);
        self::assertGreaterThan(24_000_000, $art->width * $art->height, 'more than one band');
        // Rows along the seam carry on as the circle and the line do: their left ends follow the formula to a pixel.
        $rows = intdiv(24_000_000, $art->width);
        for ($y = $rows - 4; $y < $rows + 4; ++$y) {
            $at = ($y + 0.5) / $art->width * 60;
            $left = 31 - sqrt(27.3 ** 2 - ($at - 44) ** 2);
            $x = (int) round($left / 60 * $art->width);
            self::assertSame(['1b2436', 'f0e2b0'], [self::at($art, $x - 3, $y), self::at($art, $x + 3, $y)], "row $y");
        }
    }

    public function testAFontThatIsNotHereIsNamed(): void
    {
        $svg = static fn (string $font): string => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 60 20"><text x="2" y="15" '.$font.'>A</text></svg>';
        $art = $this->drawn($svg('font-family="No Such Grotesk, sans-serif"'), 60, 100);
        self::assertStringContainsString('“no such grotesk”, which is not on this machine', implode(' ', $art->remarks));
        self::assertSame([], $this->drawn($svg('style="font-family: sans-serif"'), 60, 100)->remarks);
        self::assertSame(
            ['press gothic', 'kiln'],
            Lettering::asked('<style>.a{font-family:"Press Gothic",serif} .b { font-family : Kiln ; }</style><text font-family=\'Kiln\'/><text font-family="monospace"/>'),
        );
        self::assertSame([], Lettering::missing('<svg><style>.a{font-family:Nowhere}</style><path/></svg>'), 'nothing is set in it');
    }

    private function drawn(string $svg, float $widthMm, float $dpi): ArtRaster
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'svg');
        file_put_contents($path, $svg);
        try {
            return (new SvgDrawing())->over(ArtFile::at($path), $widthMm, $dpi, Srgb::fromHex('#1b2436'), new ArtFraming());
        } finally {
            unlink($path);
        }
    }

    private static function at(ArtRaster $art, int $x, int $y): string
    {
        return bin2hex(substr($art->rgb, 3 * ($y * $art->width + $x), 3));
    }
}
