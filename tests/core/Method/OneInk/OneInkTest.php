<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\OneInk;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Method\OneInk\OneInk;
use Ektype\Core\Method\OneInk\OneInkRequest;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\InkTones;
use Ektype\Core\Tone\TonePlate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The print, blurred as an eye does from a few steps away, is as light as the picture. */
final class OneInkTest extends TestCase
{
    private const WIDE_MM = 60.0;
    private const DPI = 600.0;

    /** @return iterable<string, array{string, string, Dot}> garment and ink */
    public static function prints(): iterable
    {
        yield 'white on navy' => ['#1b2436', '#f6f4ee', Dot::Round];
        yield 'black on white' => ['#f6f4ee', '#1b1a17', Dot::Round];
        yield 'cream on red' => ['#8c1f22', '#f0e2b0', Dot::Ellipse];
        yield 'blue on grey' => ['#b9b7b0', '#23489c', Dot::Line];
    }

    #[DataProvider('prints')]
    public function testThePrintIsAsLightAsThePicture(string $garment, string $ink, Dot $dot): void
    {
        $art = self::photograph();
        $plate = self::printed($art, $garment, $ink, $dot);
        $print = self::seen($plate, $garment, $ink);
        [$bare, $solid] = [$print(0.0), $print(1.0)];
        [$off, $cells] = [0.0, 0];
        // Windows of four by four cells.
        $window = (int) round(4 * self::DPI / 45);
        for ($y = 0; $y + $window <= $plate->plane->height; $y += $window) {
            for ($x = 0; $x + $window <= $plate->plane->width; $x += $window) {
                $lights = self::lightness($art, $x, $y, $window);
                if (min($lights) < min($bare, $solid) || max($lights) > max($bare, $solid)) {
                    continue;
                }
                $off += abs($print(self::coverage($plate, $x, $y, $window)) - array_sum($lights) / \count($lights));
                ++$cells;
            }
        }
        self::assertGreaterThan(40, $cells);
        self::assertLessThan(1.5, $off / $cells);
    }

    public function testALightInkOnDarkClothPrintsTheLights(): void
    {
        $art = self::photograph();
        $white = self::printed($art, '#1b2436', '#f6f4ee', Dot::Round);
        $black = self::printed($art, '#f6f4ee', '#1b1a17', Dot::Round);
        $size = 200;
        // The picture is light at its upper left and dark at its lower right.
        self::assertGreaterThan(0.5, self::coverage($white, 60, 60, $size));
        self::assertLessThan(0.2, self::coverage($black, 60, 60, $size));
        [$x, $y] = [$white->plane->width - 260, $white->plane->height - 260];
        self::assertLessThan(0.25, self::coverage($white, $x, $y, $size));
        self::assertGreaterThan(0.6, self::coverage($black, $x, $y, $size));
        self::assertSame('white', InkTones::furthest(Srgb::fromHex('#1b2436'), new GivenInk('black', Srgb::fromHex('#1b1a17')), new GivenInk('white', Srgb::fromHex('#f6f4ee')))->name);
    }

    /** White on navy: from the closed form of the print model, with grey inks and n = 1.7. */
    public function testTheCoverageIsThePrintModelSolved(): void
    {
        $tone = new InkTones(Srgb::fromHex('#000000'), [new GivenInk('white', Srgb::fromHex('#ffffff'), 0.8)]);
        foreach ([10.0, 30.0, 50.0, 70.0] as $lightness) {
            // Luminance Y = (0.8 a)^1.7, and L* = 116 Y^(1/3) − 16.
            $coverage = ((($lightness + 16) / 116) ** 3) ** (1 / 1.7) / 0.8;
            self::assertEqualsWithDelta($coverage, $tone->wished($lightness)[0], 0.006, "L* $lightness");
        }
        self::assertSame(0.0, $tone->wished(0.0)[0]);
        self::assertSame(1.0, $tone->wished(100.0)[0], 'beyond the ink there is no more than all of it');
    }

    public function testWhatThePrintCannotShowIsSaid(): void
    {
        $tone = new InkTones(Srgb::fromHex('#404040'), [new GivenInk('grey', Srgb::fromHex('#c0c0c0'))], new Tones(0.15, 0.85));
        $says = implode(' ', $tone->says([0 => 30, 75 => 40, 255 => 30]));
        self::assertStringContainsString('30 % of the picture is darker than the garment', $says);
        self::assertStringContainsString('30 % of the picture is lighter than grey can be', $says);
        self::assertStringContainsString('brought to 15 to 85 %', $says);
        self::assertSame([], (new InkTones(Srgb::fromHex('#000000'), [new GivenInk('white', Srgb::fromHex('#ffffff'), 1.0)]))->says([40 => 50, 200 => 50]));
    }

    /** Nothing of the plate is lighter or darker than the mesh holds, but bare and solid. */
    public function testTonesAreBroughtIntoTheRangeOfTheMesh(): void
    {
        $tone = new InkTones(Srgb::fromHex('#1b2436'), [new GivenInk('white', Srgb::fromHex('#f6f4ee'))], new Tones(0.06, 0.9));
        foreach (str_split($tone->tables()[0]) as $light => $byte) {
            $held = (float) \ord($byte) / 255.0;
            self::assertTrue($byte === "\0" || $byte === "\xff" || ($held >= 0.058 && $held <= 0.902), 'L* '.($light / 2.55)." prints $held");
        }
        self::assertEqualsWithDelta(0.48, $tone->held(0.5), 1e-9);
    }

    public function testTheCurveOfTheFilmComesLast(): void
    {
        $art = self::photograph();
        $plain = self::printed($art, '#1b2436', '#f6f4ee', Dot::Round);
        $less = self::printed($art, '#1b2436', '#f6f4ee', Dot::Round, new ToneCurve([[50.0, 25.0], [100.0, 50.0]]));
        self::assertEqualsWithDelta($plain->coveragePct() / 2, $less->coveragePct(), 0.5);
    }

    private static function printed(ArtRaster $art, string $garment, string $ink, Dot $dot, ?ToneCurve $curve = null): TonePlate
    {
        return OneInk::of($art, new OneInkRequest(
            self::WIDE_MM,
            Srgb::fromHex($garment),
            new GivenInk('ink', Srgb::fromHex($ink)),
            self::DPI,
            new Halftone(45.0, 22.5),
            $dot,
            curve: $curve,
        ));
    }

    /** A made-up photograph: light that falls off, a soft wave, a little grain. */
    private static function photograph(): ArtRaster
    {
        mt_srand(9);
        $rgb = '';
        for ($y = 0; $y < 472; ++$y) {
            for ($x = 0; $x < 708; ++$x) {
                $light = 0.95 - 0.8 * ($x / 708 + $y / 472) / 2 + 0.06 * sin($x / 60) * cos($y / 45);
                $grey = 255 * $light + mt_rand(-3, 3);
                $rgb .= \chr((int) max(0, min(255, $grey + 6))).\chr((int) max(0, min(255, $grey))).\chr((int) max(0, min(255, $grey - 8)));
            }
        }

        return new ArtRaster(708, 472, $rgb, false);
    }

    /** @return \Closure(float): float lightness of the print by its coverage */
    private static function seen(TonePlate $plate, string $garment, string $ink): \Closure
    {
        $model = new PrintedLayers();

        return static fn (float $coverage): float => Lab::of($model->over(Srgb::fromHex($garment), [new LaidInk(Srgb::fromHex($ink), $coverage, $plate->ink->hiding)]))->l;
    }

    private static function coverage(TonePlate $plate, int $left, int $top, int $size): float
    {
        $set = 0;
        for ($y = $top; $y < $top + $size; ++$y) {
            for ($x = $left; $x < $left + $size; ++$x) {
                $set += $plate->plane->isSet($x, $y) ? 1 : 0;
            }
        }

        return $set / $size ** 2;
    }

    /** @return non-empty-list<float> L* of the art under a window of the film */
    private static function lightness(ArtRaster $art, int $left, int $top, int $size): array
    {
        $per = $art->width / (self::WIDE_MM / 25.4 * self::DPI);
        $lights = [];
        for ($y = 0; $y < $size; $y += 4) {
            for ($x = 0; $x < $size; $x += 4) {
                $at = 3 * ((int) (($top + $y + 0.5) * $per) * $art->width + (int) (($left + $x + 0.5) * $per));
                $lights[] = Lab::of(new Srgb(\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2])))->l;
            }
        }

        return $lights === [] ? [0.0] : $lights;
    }
}
