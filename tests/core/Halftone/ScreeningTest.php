<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Halftone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\Every;
use Ektype\Core\Halftone\ImpossibleDots;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\Thresholds;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The dots of a film against geometry: how much they cover, how far apart they stand, which way, and that nothing repeats. */
final class ScreeningTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> dpi, lpi and angle: every one of each, no two pairs alike */
    public static function someSettings(): iterable
    {
        return Measure::some(4, self::settings());
    }

    /** @return iterable<string, array{float, float, float}> dpi, lpi and angle: every one of each, no two pairs alike */
    public static function settings(): iterable
    {
        $dpi = [600.0, 720.0, 1200.0, 1440.0, 2400.0];
        foreach ([30.0, 45.0, 55.0, 65.0] as $i => $lpi) {
            foreach ([0.0, 15.0, 22.5, 45.0] as $j => $angle) {
                $d = $dpi[(2 * $i + $j) % 5];
                yield \sprintf('%g dpi, %g lpi, %g°', $d, $lpi, $angle) => [$d, $lpi, $angle];
            }
        }
    }

    #[DataProvider('someSettings')]
    public function testFlatTonesCoverWhatTheyShould(float $dpi, float $lpi, float $angle): void
    {
        $cell = Supercell::for($dpi, $lpi, $angle);
        self::assertEqualsWithDelta($lpi, $cell->lpi, 0.05);
        self::assertEqualsWithDelta($angle, $cell->angleDeg, 0.05);
        foreach ([Dot::Round, Dot::Ellipse, Dot::Line] as $dot) {
            $pixels = count_chars(implode('', Thresholds::of($cell, $dot)), 1);
            self::assertSame(0, $pixels[0] ?? 0, 'bare cloth stays bare');
            self::assertGreaterThanOrEqual(200, \count($pixels), 'true tones');
            $covered = 0;
            for ($tone = 1; $tone <= 255; ++$tone) {
                $covered += $pixels[$tone] ?? 0;
                if ($tone % 13 === 0 || $tone === 255) {
                    self::assertEqualsWithDelta($tone / 255, $covered / array_sum($pixels), 0.004, $dot->value);
                }
            }
        }
    }

    /** @return iterable<string, array{float, float, float, int, Dot}> */
    public static function films(): iterable
    {
        yield '600 dpi' => [600.0, 45.0, 22.5, 2, Dot::Round];
        yield 'upright' => [600.0, 60.0, 0.0, 1, Dot::Ellipse];
        yield 'fine' => [2400.0, 65.0, 15.0, 8, Dot::Line];
        yield 'steep' => [1200.0, 52.0, 75.0, 4, Dot::Round];
        yield 'turned the other way' => [720.0, 33.0, -22.5, 2, Dot::Ellipse];
    }

    /** A pixel prints where its tone reaches the threshold of its place in the supercell, worked out pixel by pixel. */
    #[DataProvider('films')]
    public function testEveryPixelIsDecidedByItsOwnTone(float $dpi, float $lpi, float $angle, int $times, Dot $dot): void
    {
        mt_srand(3);
        [$width, $height] = [541, 137];
        [$across, $down] = [(int) ceil($width / $times), (int) ceil($height / $times)];
        $bytes = '';
        for ($i = 0; $i < $across * $down; ++$i) {
            $bytes .= \chr(mt_rand(0, 255));
        }
        $cell = Supercell::for($dpi, $lpi, $angle);
        $thresholds = Thresholds::of($cell, $dot);
        $film = Screening::with($cell, $dot, $width)->film(new ToneRaster($across, $down, $bytes), $times, $height);
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $tone = \ord($bytes[intdiv($y, $times) * $across + intdiv($x, $times)]);
                $along = ($x - intdiv($y, $cell->rows) * $cell->shift) % $cell->period;
                $threshold = \ord($thresholds[$y % $cell->rows][$along < 0 ? $along + $cell->period : $along]);
                if (($tone >= $threshold) !== $film->isSet($x, $y)) {
                    self::fail("at $x, $y");
                }
            }
        }
        $this->addToAssertionCount(1);
    }

    /** A flat tone looks the same a whole side of the supercell further on, both ways: the paving has no seam. */
    #[DataProvider('films')]
    public function testThePavingHasNoSeam(float $dpi, float $lpi, float $angle, int $times, Dot $dot): void
    {
        $cell = Supercell::for($dpi, $lpi, $angle);
        $film = self::flat($cell, $dot, 100, 700, 700);
        $seen = 0;
        for ($y = 0; $y < 700; $y += 3) {
            for ($x = 0; $x < 700; $x += 2) {
                foreach ([[$cell->a, -$cell->b], [$cell->b, $cell->a]] as [$dx, $dy]) {
                    if ($x + $dx >= 0 && $x + $dx < 700 && $y + $dy >= 0 && $y + $dy < 700) {
                        if ($film->isSet($x, $y) !== $film->isSet($x + $dx, $y + $dy)) {
                            self::fail("at $x, $y");
                        }
                        ++$seen;
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $seen);
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function rulings(): iterable
    {
        yield 'usual' => [600.0, 45.0, 22.5];
        yield 'fine' => [600.0, 65.0, 15.0];
        yield 'steep' => [720.0, 55.0, 75.0];
        yield 'upright' => [600.0, 47.3, 0.0];
        yield 'half way' => [1200.0, 38.0, 45.0];
    }

    /**
     * Ruling and angle by Fourier transform of the film. Two windows far apart are some waves apart: the rest of their
     * phases tells the frequency to a hundred thousandth.
     */
    #[DataProvider('rulings')]
    public function testRulingAndAngleAreMeasuredOnTheFilm(float $dpi, float $lpi, float $angle): void
    {
        $film = self::flat(Supercell::for($dpi, $lpi, $angle), Dot::Round, 80, 2400, 2400);
        // Upwards is against the rows of the film.
        $wanted = [$lpi / $dpi * cos(deg2rad($angle)), -$lpi / $dpi * sin(deg2rad($angle))];
        [$here, $right, $below] = [self::phase($film, 0, 0, $wanted), self::phase($film, 2000, 0, $wanted), self::phase($film, 0, 2000, $wanted)];
        $measured = [
            $wanted[0] + self::turned($right - $here) / (2 * \M_PI * 2000),
            $wanted[1] + self::turned($below - $here) / (2 * \M_PI * 2000),
        ];
        self::assertEqualsWithDelta($lpi, hypot(...$measured) * $dpi, 0.05);
        self::assertEqualsWithDelta($angle, rad2deg(atan2(-$measured[1], $measured[0])), 0.05);
    }

    /** Over windows of three cells a flat tone is even: no cell stands out, so no pattern of the supercell is seen. */
    public function testNothingRepeatsThatIsSeen(): void
    {
        foreach ([[600.0, 45.0, 22.5], [600.0, 55.0, 15.0], [600.0, 60.0, 0.0]] as [$dpi, $lpi, $angle]) {
            foreach ([26, 102, 204] as $tone) {
                $film = self::flat(Supercell::for($dpi, $lpi, $angle), Dot::Round, $tone, 960, 960);
                $window = (int) round(3 * $dpi / $lpi);
                $most = 0.0;
                for ($y = 0; $y + $window <= 960; $y += $window) {
                    for ($x = 0; $x + $window <= 960; $x += $window) {
                        $set = 0;
                        for ($i = 0; $i < $window; ++$i) {
                            for ($j = 0; $j < $window; ++$j) {
                                $set += $film->isSet($x + $i, $y + $j) ? 1 : 0;
                            }
                        }
                        $most = max($most, abs($set / $window ** 2 - $tone / 255));
                    }
                }
                self::assertLessThan(0.05, $most, "$lpi lpi at {$angle}°, tone $tone");
            }
        }
    }

    /** Lines lie along the angle, turned against the clock as one looks at the film. */
    public function testLinesLieAlongTheAngle(): void
    {
        $film = self::flat(Supercell::for(600, 30, 30), Dot::Line, 100, 800, 800);
        [$along, $across, $seen] = [0, 0, 0];
        for ($i = 0; $i < 4000; ++$i) {
            [$x, $y] = [200 + $i * 37 % 400, 200 + $i * 91 % 400];
            if ($film->isSet($x, $y)) {
                ++$seen;
                $along += $film->isSet($x + (int) round(100 * cos(\M_PI / 6)), $y - (int) round(100 * sin(\M_PI / 6))) ? 1 : 0;
                $across += $film->isSet($x + (int) round(100 * cos(\M_PI / 6)), $y + (int) round(100 * sin(\M_PI / 6))) ? 1 : 0;
            }
        }
        self::assertGreaterThan(0.9, $along / $seen);
        self::assertLessThan(0.7, $across / $seen);
    }

    /** Round dots in the lights, round holes in the shadows: as many pixels, the other way round. */
    public function testHolesAreTheDotsOfTheOtherTone(): void
    {
        $cell = Supercell::for(1200, 40, 0);
        $dots = self::flat($cell, Dot::Round, 51, 480, 480);
        $holes = self::flat($cell, Dot::Round, 204, 480, 480);
        self::assertEqualsWithDelta(1.0, ($dots->count() + $holes->count()) / (480 * 480), 0.01);
        // Of a cell of 30 pixels a fifth is a dot of 30 · 2 · √(0.2 / π) = 15.1 across.
        $widest = 0;
        for ($y = 0; $y < 60; ++$y) {
            $row = '';
            for ($x = 0; $x < 120; ++$x) {
                $row .= $dots->isSet($x, $y) ? '1' : '0';
            }
            $widest = max($widest, ...array_map(\strlen(...), explode('0', $row)));
        }
        self::assertEqualsWithDelta(15.1, $widest, 1.0);
    }

    /** What of a cell prints from a tone on is what stays bare up to the other tone, half a cell away. */
    public function testRoundDotsTurnIntoRoundHolesAtHalfTone(): void
    {
        for ($i = 1; $i < 50; ++$i) {
            for ($j = 1; $j < 50; $j += 2) {
                if ($i + $j === 50) {
                    continue;
                }
                [$u, $v] = [$i / 100, $j / 100];
                self::assertEqualsWithDelta(1.0, Dot::Round->order($u, -$v) + Dot::Round->order($u - 0.5, 0.5 - $v), 1e-9);
            }
        }
        self::assertLessThan(Dot::Ellipse->order(0.0, 0.5), Dot::Ellipse->order(0.5, 0.0), 'chains close along the angle first');
        self::assertSame(Dot::Line->order(0.0, 0.2), Dot::Line->order(0.4, -0.2));
    }

    public function testWhatNoFilmHoldsIsRefused(): void
    {
        foreach ([[600.0, 150.0, 22.5, 'too few'], [600.0, 0.0, 22.5, 'per inch'], [600.0, 45.0, 400.0, 'as at 40°']] as [$dpi, $lpi, $angle, $words]) {
            try {
                Supercell::for($dpi, $lpi, $angle);
                self::fail("$lpi lpi at {$angle}° was taken");
            } catch (ImpossibleDots $refusal) {
                self::assertStringContainsString($words, $refusal->getMessage());
            }
        }
    }

    public function testRowsArePartedByTheirPlaces(): void
    {
        mt_srand(8);
        $bytes = '';
        for ($i = 0; $i < 80; ++$i) {
            $bytes .= \chr(mt_rand(0, 255));
        }
        foreach ([1, 2, 4, 8] as $nth) {
            foreach (Every::nth($bytes, $nth) as $first => $part) {
                $want = '';
                for ($i = $first; $i < 80; $i += $nth) {
                    $want .= $bytes[$i];
                }
                self::assertSame(bin2hex($want), bin2hex($part), "every $nth, from $first");
            }
        }
    }

    private static function flat(Supercell $cell, Dot $dot, int $tone, int $width, int $height): BitPlane
    {
        $tones = new ToneRaster(intdiv($width + 7, 8), intdiv($height + 7, 8), str_repeat(\chr($tone), intdiv($width + 7, 8) * intdiv($height + 7, 8)));

        return Screening::with($cell, $dot, $width)->film($tones, 8, $height);
    }

    /** @param array{float, float} $frequency per pixel */
    private static function phase(BitPlane $film, int $left, int $top, array $frequency): float
    {
        [$real, $imaginary] = [0.0, 0.0];
        for ($y = 0; $y < 300; ++$y) {
            // A soft window: what is cut off at its edges does not count.
            $weight = sin(\M_PI * ($y + 0.5) / 300) ** 2;
            for ($x = 0; $x < 300; ++$x) {
                if ($film->isSet($left + $x, $top + $y)) {
                    $w = $weight * sin(\M_PI * ($x + 0.5) / 300) ** 2;
                    $turn = 2 * \M_PI * ($frequency[0] * ($left + $x) + $frequency[1] * ($top + $y));
                    $real += $w * cos($turn);
                    $imaginary -= $w * sin($turn);
                }
            }
        }

        return atan2($imaginary, $real);
    }

    private static function turned(float $phase): float
    {
        // The transform's phase falls where the film's frequency is higher.
        return -atan2(sin($phase), cos($phase));
    }
}
