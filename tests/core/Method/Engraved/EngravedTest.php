<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Engraved;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Method\Engraved\EngravedMethod;
use Ektype\Core\Method\Engraved\EngravedPlan;
use Ektype\Core\Method\Engraved\SwellingLines;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\SmallLook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines that swell, against the same lines drawn pixel by pixel. */
final class EngravedTest extends TestCase
{
    private const DPI = 600.0;
    private const SIDE = 400;

    /** @return iterable<string, array{float}> */
    public static function angles(): iterable
    {
        foreach ([-80.0, -45.0, -20.0, 0.0, 10.0, 44.9, 45.0, 60.0, 90.0] as $angle) {
            yield $angle.'°' => [$angle];
        }
    }

    /** Of an even tone every pixel is known: it prints where it is nearer to the middle of a line than half of the tone’s part of the way. */
    #[DataProvider('angles')]
    public function testEveryPixelIsWhereItsLineSays(float $angle): void
    {
        $apart = self::DPI / 26;
        [$sin, $cos] = [sin(deg2rad($angle)), cos(deg2rad($angle))];
        foreach ([0.2, 0.5, 0.85] as $tone) {
            $byte = (int) round(255 * $tone);
            $film = self::film($angle, str_repeat(\chr($byte), 100 * 100));
            $wrong = $inked = 0;
            for ($y = 0; $y < self::SIDE; ++$y) {
                for ($x = 0; $x < self::SIDE; ++$x) {
                    $way = (($x + 0.5) * $sin + ($y + 0.5) * $cos) / $apart;
                    $off = abs($way - round($way));
                    $inked += $film->isSet($x, $y) ? 1 : 0;
                    // Half a pixel at each edge is nobody’s.
                    if (abs($off - $byte / 510) > 0.6 / $apart && $film->isSet($x, $y) !== $off < $byte / 510) {
                        ++$wrong;
                    }
                }
            }
            self::assertSame(0, $wrong, "tone $tone");
            self::assertEqualsWithDelta($byte / 255, $inked / self::SIDE ** 2, 0.025, "coverage at tone $tone");
        }
    }

    /** An angle of 30° rises to the right; one of −30° falls. */
    public function testAnglesAreAnticlockwise(): void
    {
        foreach ([30.0, -30.0] as $angle) {
            $film = self::film($angle, str_repeat("\x80", 100 * 100));
            $rises = $stays = 0;
            // 60 pixels to the right and as many up as the angle says the line goes on.
            for ($x = 40; $x < 300; ++$x) {
                for ($y = 80; $y < 320; ++$y) {
                    if ($film->isSet($x, $y)) {
                        ++$stays;
                        $rises += $film->isSet($x + 60, (int) round($y - 60 * tan(deg2rad($angle)))) ? 1 : 0;
                    }
                }
            }
            self::assertGreaterThan(0.93, $rises / $stays);
        }
    }

    public function testALineSwellsAlongAWedgeAndNeverBreaks(): void
    {
        $row = implode('', array_map(static fn (int $x): string => \chr(40 + 2 * $x), range(0, 99)));
        $film = self::film(0.0, str_repeat($row, 100));
        $apart = self::DPI / 26;
        // Flat lines: the middle of the eighth lies eight ways down.
        $middle = 8 * $apart;
        foreach ([50, 150, 250, 350] as $x) {
            $wide = 0;
            for ($y = (int) ($middle - $apart / 2); $y < $middle + $apart / 2; ++$y) {
                $wide += $film->isSet($x, $y) ? 1 : 0;
            }
            self::assertEqualsWithDelta((40 + 2 * ($x / 4 - 0.5)) / 255 * $apart, $wide, 1.5, "at $x");
        }
        for ($x = 0; $x < self::SIDE; ++$x) {
            self::assertTrue($film->isSet($x, (int) $middle), "it breaks at $x");
        }
    }

    /** White on dark cloth is printed, flashed and printed; black on white lies once. The print is as light as the picture where the ink allows it. */
    public function testAPictureIsPrintedAsLightAsItIs(): void
    {
        foreach ([['#f6f4ee', Laying::Once, '#1b1a17'], ['#101010', Laying::PrintFlashPrint, '#f6f4ee']] as [$garment, $laying, $ink]) {
            $plate = self::separated(new EngravedPlan(perInch: 30.0, angleDeg: 20.0), $garment)->plates[0];
            self::assertSame([$laying, $ink], [$plate->ink->laying, $plate->colour->hex()]);
            self::assertEqualsWithDelta(30.0, $plate->dots?->halftone->lpi, 1e-9);
            // The wedge runs from dark at the left to light at the right.
            [$left, $right] = [self::share($plate, 0.1), self::share($plate, 0.9)];
            self::assertTrue($garment === '#f6f4ee' ? $left > 0.75 && $right < 0.25 : $left < 0.25 && $right > 0.75, "$left, $right on $garment");
        }
    }

    /** 0.3 mm is the thinnest of lines 25.4 / 20 mm apart: under 12 % nothing prints, and nothing between. */
    public function testWhatIsThinnerThanTheMeshHoldsIsLeftOut(): void
    {
        $plate = self::separated(new EngravedPlan(perInch: 20.0, angleDeg: 90.0, thinnestMm: 0.3), '#f6f4ee')->plates[0];
        $least = 0.3 / 25.4 * self::DPI;
        $seen = [];
        for ($y = 10; $y < $plate->plane->height; $y += 40) {
            $run = 0;
            // What the end of the film cuts is no line.
            for ($x = 40; $x < $plate->plane->width - 40; ++$x) {
                if ($plate->plane->isSet($x, $y)) {
                    ++$run;
                } elseif ($run > 0) {
                    $seen[] = $run;
                    $run = 0;
                }
            }
        }
        self::assertGreaterThan(50, \count($seen));
        self::assertGreaterThan($least - 2, min([1000, ...$seen]));
        self::assertEqualsWithDelta(0.3 * 20 / 25.4, $plate->dots?->range->lightest, 1e-9);
        self::assertEqualsWithDelta(1 - 0.3 * 20 / 25.4, $plate->dots?->range->darkest, 1e-9);
    }

    public function testLinesWithoutRoomAreRefusedAtTheirField(): void
    {
        try {
            new EngravedPlan(perInch: 40.0, thinnestMm: 0.3);
            self::fail('It was taken.');
        } catch (ImpossibleTone $not) {
            self::assertSame('thinnestMm', $not->on);
            self::assertStringContainsString('0.64 mm apart', $not->getMessage(), '25.4 / 40 is 0.635');
        }
    }

    /** The rack’s mesh holds the lines that a job begins with: one and a half of its pitch, and never so wide that none could swell. */
    public function testItBeginsWithLinesThatTheRackHolds(): void
    {
        $method = new EngravedMethod();
        self::assertSame(0.17, $method->begin([new Mesh(90.0, 48.0)])->thinnestMm);
        self::assertSame(EngravedPlan::MOST_THIN_MM, $method->begin([new Mesh(32.0, 100.0)])->thinnestMm);
        self::assertSame(EngravedPlan::THINNEST_MM, $method->begin([new Mesh(150.0, 31.0)])->thinnestMm);
    }

    /** Found by its folder, like any other. */
    public function testItIsAMethodLikeAnyOther(): void
    {
        $name = MethodName::from('engraved');
        self::assertSame([EngravedPlan::class, true, true], [$name->plan, $name->isTonal(), $name->hasDots()]);
        self::assertContains($name, MethodName::cases());
        $small = self::wedge(120, 40);
        $picture = (new EngravedMethod())->picture(new EngravedPlan(), $small, self::print('#f6f4ee'), static fn (string $key, \Closure $reckon): string => $reckon(), new SmallLook());
        [$dark, $light] = array_map(static fn (int $x): float => Lab::of(new Srgb(...array_values(\array_slice($picture->getImagePixelColor($x, 20)->getColor(), 0, 3))))->l, [8, 111]);
        self::assertGreaterThan(40.0, $light - $dark);
    }

    private static function film(float $angle, string $tones): BitPlane
    {
        return (new SwellingLines(new Halftone(26.0, $angle), self::DPI))->film(new ToneRaster(100, 100, $tones), 4, self::SIDE, self::SIDE);
    }

    private static function print(string $garment): PrintWanted
    {
        return new PrintWanted(60.0, Srgb::fromHex($garment), self::DPI, null, [1 => new GivenInk('White', Srgb::fromHex('#f6f4ee'), 0.9), 2 => new GivenInk('Black', Srgb::fromHex('#1b1a17'), 0.95)]);
    }

    private static function separated(EngravedPlan $plan, string $garment): Separated
    {
        $art = new class implements ArtSource {
            public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
            {
                return EngravedTest::wedge(240, 80);
            }

            public function drawn(): array
            {
                throw new \LogicException('Nothing was drawn by hand.');
            }

            public function positives(): array
            {
                return [];
            }
        };

        return (new EngravedMethod())->separate($plan, $art, self::print($garment));
    }

    public static function wedge(int $width, int $height): ArtRaster
    {
        $row = implode('', array_map(static fn (int $x): string => str_repeat(\chr((int) round(255 * $x / ($width - 1))), 3), range(0, $width - 1)));

        return new ArtRaster($width, $height, str_repeat($row, $height), false);
    }

    /** How much of the film prints in a tenth of its width about a place of it. */
    private static function share(SeparatedPlate $plate, float $at): float
    {
        [$from, $to] = [(int) (($at - 0.05) * $plate->plane->width), (int) (($at + 0.05) * $plate->plane->width)];
        $inked = $all = 0;
        for ($y = 0; $y < $plate->plane->height; $y += 2) {
            for ($x = $from; $x < $to; $x += 2) {
                ++$all;
                $inked += $plate->plane->isSet($x, $y) ? 1 : 0;
            }
        }

        return $inked / max(1, $all);
    }
}
