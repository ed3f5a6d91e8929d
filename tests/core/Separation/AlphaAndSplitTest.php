<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\TestCase;

final class AlphaAndSplitTest extends TestCase
{
    /** A disc whose soft edge is half clear, on three garments: its area is the formula's on each. */
    public function testSoftAlphaEdgesAreResolvedAgainstTheGarment(): void
    {
        $size = 300;
        $pixels = [];
        for ($y = 0; $y < $size; ++$y) {
            for ($x = 0; $x < $size; ++$x) {
                $cover = max(0.0, min(1.0, 100.5 - hypot($x + 0.5 - 150, $y + 0.5 - 150)));
                array_push($pixels, 181, 72, 47, (int) round(255 * $cover));
            }
        }
        $picture = new \Imagick();
        $picture->newImage($size, $size, new \ImagickPixel('transparent'));
        $picture->setImageFormat('png');
        $picture->importImagePixels(0, 0, $size, $size, 'RGBA', \Imagick::PIXEL_CHAR, $pixels);
        $path = (string) tempnam(sys_get_temp_dir(), 'alpha');
        file_put_contents($path, $picture->getImageBlob());
        foreach (['#1b2440', '#ffffff', '#8fb3a2'] as $garment) {
            $art = ArtDecoder::over(ArtFile::at($path), Srgb::fromHex($garment));
            self::assertTrue($art->seeThrough);
            $result = SpotSeparation::of($art, new SpotRequest(30.0, Srgb::fromHex($garment)));
            $rust = array_values(array_filter($result->plates, static fn (SeparatedPlate $p): bool => $p->artColour !== null))[0];
            self::assertEqualsWithDelta(\M_PI, $rust->area->artCm2, 0.005 * \M_PI, "on $garment");
        }
        unlink($path);
    }

    public function testAColourOfTwoShadesIsPartedAndOneOfOneShadeIsNot(): void
    {
        // Two reds so near that a noisy picture takes them for one.
        mt_srand(3);
        $rgb = '';
        for ($i = 0; $i < 200 * 120; ++$i) {
            [$r, $g, $b] = $i % 200 < 60 ? [27, 36, 54] : ($i % 200 < 130 ? [181, 72, 47] : [190, 82, 55]);
            $noise = mt_rand(-2, 2);
            $rgb .= \chr($r + $noise).\chr($g + $noise).\chr($b + $noise);
        }
        $art = new ArtRaster(200, 120, $rgb, false, true);
        $palette = PaletteFinder::find($art);
        self::assertCount(2, $palette->colours);
        $reds = $palette->colours[0]->colour;
        $parted = $palette->split(0);
        self::assertCount(3, $parted->colours);
        self::assertEqualsWithDelta($palette->colours[0]->share, $parted->colours[0]->share + $parted->colours[2]->share, 1e-9);
        $found = [$parted->colours[0]->colour->red, $parted->colours[2]->colour->red];
        sort($found);
        self::assertEqualsWithDelta([181, 190], $found, 3.0);
        $result = SpotSeparation::of($art, new SpotRequest(40, Srgb::fromHex('#1b2436'), new SpotPlan(colours: new ColourDecisions(splits: [$reds->hex()]))));
        $areas = array_map(
            static fn (SeparatedPlate $p): float => $p->area->artCm2,
            array_filter($result->plates, static fn (SeparatedPlate $p): bool => $p->artColour !== null),
        );
        sort($areas);
        self::assertCount(2, $areas);
        self::assertEqualsWithDelta([14 * 24 / 100, 14 * 24 / 100], $areas, 0.25);
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('one shade through and through');
        $palette->split(1);
    }
}
