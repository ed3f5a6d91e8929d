<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Index;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Index\IndexPlates;
use Ektype\Core\Method\Index\IndexRequest;
use Ektype\Core\Method\Index\IndexSeparation;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Separation\GivenInk;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Squares of several inks, looked at from a metre. */
final class IndexSeparationTest extends TestCase
{
    private const CLOTH = '#101114';
    private const SIDE = 256;
    private const DPI = 200.0;

    public function testEachSquareIsOneInkOnItsBaseAndTheFilmsAreTrueToSize(): void
    {
        $index = self::index(self::art());
        self::assertCount(5, $index->plates);
        self::assertTrue($index->plates[0]->isBase);
        self::assertEqualsWithDelta(32.5, $index->widthMm, 0.03);
        $base = $index->plates[0]->plane;
        self::assertSame(768, $base->width);
        $sum = 0;
        foreach (\array_slice($index->plates, 1) as $i => $plate) {
            self::assertSame(0, $plate->plane->without($base)->count(), 'no ink beside its base');
            $sum += $plate->plane->count();
            foreach (\array_slice($index->plates, $i + 2) as $other) {
                self::assertSame(0, $plate->plane->and($other->plane)->count(), 'one ink a square');
            }
            self::assertEqualsWithDelta($plate->share, $plate->plane->count() / (768 * 768), 1e-9);
        }
        self::assertLessThan($base->count(), $sum, 'where no ink lies the base is seen');
        // A square is three film pixels each way, all of them or none.
        foreach ([[30, 40], [101, 77], [200, 150]] as [$x, $y]) {
            $is = $base->isSet(3 * $x, 3 * $y);
            self::assertSame($is, $base->isSet(3 * $x + 2, 3 * $y + 2));
            self::assertSame($is, $index->squares[$y * self::SIDE + $x] !== "\0");
        }
    }

    /** Through the model of the print, blurred over one minute of arc at a metre; a general tool's dithering to the same inks is the measure. */
    #[Group('long')]
    public function testThePrintIsNearerToThePictureThanAGeneralToolComes(): void
    {
        $art = self::art();
        $gamut = self::gamut();
        $mine = self::offAfterBlur($art, self::index($art)->squares, $gamut);
        $theirs = \INF;
        foreach ([\Imagick::DITHERMETHOD_FLOYDSTEINBERG, \Imagick::DITHERMETHOD_RIEMERSMA] as $way) {
            $theirs = min($theirs, self::offAfterBlur($art, self::remapped($art, $gamut, $way), $gamut));
        }
        self::assertLessThan(2.5, $mine);
        self::assertLessThan($theirs, $mine);
    }

    public function testWhatIsClearIsTheGarments(): void
    {
        $art = self::art(str_repeat(str_repeat("\xff", self::SIDE / 2).str_repeat("\0", self::SIDE / 2), self::SIDE));
        foreach (self::index($art)->plates as $plate) {
            for ($y = 5; $y < 760; $y += 40) {
                for ($x = 390; $x < 768; $x += 9) {
                    self::assertFalse($plate->plane->isSet($x, $y));
                }
            }
        }
        self::assertGreaterThan(0.3, self::index($art)->plates[0]->share);
    }

    /** Half of the picture has the colour of the cloth, which lies between the nodes of every table: no square prints there, by either school. */
    #[Group('long')]
    public function testWhatTheGarmentGivesStaysBare(): void
    {
        $cloth = Srgb::fromHex('#23489c');
        $half = str_repeat(str_repeat(\chr($cloth->red).\chr($cloth->green).\chr($cloth->blue), 60).str_repeat("\xd0\x60\x40", 60), 60);
        foreach (Diffusion::cases() as $diffusion) {
            $squares = IndexSeparation::squares(new ArtRaster(120, 60, $half, false), new IndexRequest(120 / self::DPI * 25.4, $cloth, self::inks(), self::white(), 600.0, self::DPI, diffusion: $diffusion));
            foreach (str_split($squares, 120) as $row) {
                self::assertSame('', trim(substr($row, 0, 58), "\0"), $diffusion->value);
                self::assertNotSame('', trim(substr($row, 62), "\0"));
            }
        }
        $this->expectException(ImpossibleMix::class);
        $this->expectExceptionMessage('nothing would print');
        IndexSeparation::of(new ArtRaster(60, 60, str_repeat(substr($half, 0, 180), 60), false), new IndexRequest(60 / self::DPI * 25.4, $cloth, self::inks(), self::white(), 600.0, self::DPI));
    }

    /** A magenta that no ink is near: the squares together are the nearest print, not one that runs away with what is missing. */
    #[Group('long')]
    public function testAColourBeyondTheInksIsTheNearestTheyHave(): void
    {
        foreach (['#e000c0', '#00e0f0', '#fff000'] as $hex) {
            $wished = Srgb::fromHex($hex);
            $flat = new ArtRaster(120, 120, str_repeat(\chr($wished->red).\chr($wished->green).\chr($wished->blue), 14_400), false);
            $index = IndexSeparation::of($flat, new IndexRequest(120 / self::DPI * 25.4, Srgb::fromHex(self::CLOTH), self::inks(), self::white(), 600.0, self::DPI));
            $shares = array_map(static fn (int $n): float => $n / 14_400, count_chars($index->squares, 1));
            $nearest = self::gamut()->nearest($wished, [1, 2, 3, 4, 5]);
            $print = Ciede2000::between(Lab::of($wished), Lab::of(self::gamut()->colour($shares)));
            self::assertEqualsWithDelta($nearest[0], $print, 1.0, $hex);
        }
    }

    /** A tall picture is worked in bands: where they meet, the inks have the shares that they have above and below. */
    public function testBandsLeaveNoSeam(): void
    {
        $flat = new ArtRaster(100, 1200, str_repeat("\x80\x60\x50", 120_000), false);
        $index = IndexSeparation::of($flat, new IndexRequest(100 / self::DPI * 25.4, Srgb::fromHex(self::CLOTH), self::inks(), self::white(), 600.0, self::DPI));
        foreach (range(1, 5) as $corner) {
            $shares = [];
            foreach ([100, 300, 500, 700, 900, 1012] as $from) {
                $shares[] = substr_count(substr($index->squares, $from * 100, 2_400), \chr($corner)) / 2_400;
            }
            self::assertLessThan(0.03, max($shares) - min($shares), "corner $corner");
        }
    }

    #[TestWith([160.0])]
    #[TestWith([217.0])]
    public function testSquaresThatAreNoWholeFilmPixelsKeepTheirPlace(float $dpi): void
    {
        $art = self::art();
        $index = IndexSeparation::of($art, new IndexRequest(self::SIDE / self::DPI * 25.4, Srgb::fromHex(self::CLOTH), self::inks(), null, 600.0, $dpi));
        self::assertEqualsWithDelta(32.5, $index->widthMm, 0.03);
        $covered = array_sum(array_map(static fn ($p): int => $p->plane->count(), $index->plates));
        $bare = substr_count($index->squares, "\0");
        self::assertEqualsWithDelta(1 - $bare / \strlen($index->squares), $covered / (768 * 768), 0.01);
    }

    /** @param array{float, int} $asked */
    #[TestWith([[500.0, 3]])]
    #[TestWith([[10.0, 3]])]
    #[TestWith([[200.0, 0]])]
    public function testDotsThatCannotBeAreRefused(array $asked): void
    {
        $this->expectException(ImpossibleMix::class);
        new IndexRequest(100.0, Srgb::fromHex(self::CLOTH), \array_slice(self::inks(), 0, $asked[1]), null, 600.0, $asked[0]);
    }

    private static function index(ArtRaster $art): IndexPlates
    {
        return IndexSeparation::of($art, new IndexRequest(self::SIDE / self::DPI * 25.4, Srgb::fromHex(self::CLOTH), self::inks(), self::white(), 600.0, self::DPI));
    }

    private static function gamut(): InkGamut
    {
        return new InkGamut(Srgb::fromHex(self::CLOTH), self::inks(), self::white());
    }

    private static function white(): GivenInk
    {
        return new GivenInk('White', Srgb::fromHex('#f6f4ee'), 0.95);
    }

    /** @return list<GivenInk> */
    private static function inks(): array
    {
        return [
            new GivenInk('Rust', Srgb::fromHex('#b8402c'), 0.9),
            new GivenInk('Straw', Srgb::fromHex('#e8c868'), 0.9),
            new GivenInk('Slate', Srgb::fromHex('#3c5470'), 0.9),
            new GivenInk('Sage', Srgb::fromHex('#7a9a70'), 0.9),
        ];
    }

    /** Soft lights in colours that the inks can nearly show. */
    private static function art(?string $alpha = null): ArtRaster
    {
        $gamut = self::gamut();
        $rgb = '';
        for ($y = 0; $y < self::SIDE; ++$y) {
            for ($x = 0; $x < self::SIDE; ++$x) {
                $waves = [1 + cos($x / 40), 1 + sin($y / 50), 1 + sin(($x + $y) / 60), 1 + cos(($x - $y) / 45), 0.6, 0.8];
                $colour = $gamut->colour(array_map(static fn (float $w): float => $w / array_sum($waves), $waves));
                $rgb .= \chr($colour->red).\chr($colour->green).\chr($colour->blue);
            }
        }

        return new ArtRaster(self::SIDE, self::SIDE, $rgb, false, alpha: $alpha);
    }

    /** @param 0|1|2|3 $way */
    private static function remapped(ArtRaster $art, InkGamut $gamut, int $way): string
    {
        $palette = new \Imagick();
        $rgb = '';
        $numbers = [];
        foreach (array_keys($gamut->corners) as $i) {
            $colour = $gamut->colour([$i => 1.0]);
            $rgb .= $triple = \chr($colour->red).\chr($colour->green).\chr($colour->blue);
            $numbers[$triple] = \chr($i);
        }
        $palette->readImageBlob(\sprintf("P6 %d 1 255\n", \count($numbers)).$rgb, 'palette.ppm');
        $picture = new \Imagick();
        $picture->readImageBlob(\sprintf("P6 %d %d 255\n", $art->width, $art->height).$art->rgb, 'art.ppm');
        $picture->remapImage($palette, $way);
        $picture->setImageDepth(8);
        $picture->setImageFormat('RGB');

        return implode('', array_map(static fn (string $triple): string => $numbers[$triple] ?? "\0", str_split($picture->getImageBlob(), 3)));
    }

    /** A minute of arc at a metre is 0.29 mm: the mean over a little more than two squares each way. */
    private static function offAfterBlur(ArtRaster $art, string $squares, InkGamut $gamut): float
    {
        $window = (int) round(2 * 0.29 / 25.4 * self::DPI);
        [$sum, $count] = [0.0, 0];
        for ($y = 2; $y + $window < self::SIDE; $y += 7) {
            for ($x = 2; $x + $window < self::SIDE; $x += 7) {
                $shares = [];
                $light = [0.0, 0.0, 0.0];
                for ($j = 0; $j < $window; ++$j) {
                    for ($i = 0; $i < $window; ++$i) {
                        $at = ($y + $j) * self::SIDE + $x + $i;
                        $corner = \ord($squares[$at]);
                        $shares[$corner] = ($shares[$corner] ?? 0.0) + 1 / $window ** 2;
                        foreach ([0, 1, 2] as $c) {
                            $light[$c] += Srgb::toLinear(\ord($art->rgb[3 * $at + $c])) / $window ** 2;
                        }
                    }
                }
                $sum += Ciede2000::between(Lab::fromLinear(...$light), Lab::of($gamut->colour($shares)));
                ++$count;
            }
        }

        return $sum / $count;
    }
}
