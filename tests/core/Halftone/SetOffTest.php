<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Halftone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\SetOff;
use Ektype\Core\Halftone\SharedCell;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ToneRaster;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Plates at one angle: what two films have in common is counted on them, against the product of their tones. */
final class SetOffTest extends TestCase
{
    /** @return iterable<string, array{int, float, Dot}> plates, how far two of them may be off the product, root of the mean square */
    public static function sets(): iterable
    {
        yield 'two plates' => [2, 0.015, Dot::Round];
        yield 'three' => [3, 0.02, Dot::Round];
        yield 'four' => [4, 0.02, Dot::Round];
        yield 'five' => [5, 0.035, Dot::Round];
        yield 'seven' => [7, 0.045, Dot::Round];
        yield 'four, ellipses' => [4, 0.04, Dot::Ellipse];
    }

    #[DataProvider('sets')]
    public function testTwoTonesHaveInCommonWhatChanceGivesThem(int $many, float $off, Dot $dot): void
    {
        $films = self::films($many, $dot);
        $squares = $nested = [];
        foreach ($films as $i => $one) {
            foreach (\array_slice($films, $i + 1) as $other) {
                foreach ($one as $a => $first) {
                    foreach ($other as $b => $second) {
                        $common = $first->and($second)->count() / (600 * 600);
                        $squares[] = ($common - $a * $b / 1e4) ** 2;
                        $nested[] = (min($a, $b) / 100 - $a * $b / 1e4) ** 2;
                    }
                }
            }
        }
        $rms = sqrt(array_sum($squares) / \count($squares));
        self::assertLessThan($off, $rms);
        self::assertLessThan(0.35, $rms / sqrt(array_sum($nested) / \count($nested)), 'far better than middle on middle');
    }

    /** Middle on middle two tones have the smaller in common; where a press may lay one plate anywhere on the other, the mean of all places. */
    public function testWhatIsSharedFollowsThePlaceAndTheScatterOfThePress(): void
    {
        $tones = [0.1, 0.3, 0.5, 0.7, 0.9];
        $nested = 0.0;
        foreach ($tones as $a) {
            foreach ($tones as $b) {
                $nested += (min($a, $b) - $a * $b) ** 2 / 25;
            }
        }
        self::assertEqualsWithDelta(sqrt($nested), SharedCell::off(Dot::Round, [0.0, 0.0], 0.0), 0.003);
        self::assertLessThan(0.01, SharedCell::off(Dot::Round, [0.75, 0.25], 0.0), 'set off');
        // Places of two films, one moved by a few pixels after the other, counted on them.
        $cell = Supercell::for(600.0, 50.0, 45.0);
        $plain = Screening::with($cell, Dot::Round, 480);
        $film = static fn (float $tone, float $right, float $down): BitPlane => $plain->setOff([$right, $down])->film(new ToneRaster(240, 240, str_repeat(\chr((int) round(255 * $tone)), 240 * 240)), 2, 480);
        foreach ([[0.25, 0.0], [0.5, 0.5], [0.125, 0.375]] as [$right, $down]) {
            $counted = 0.0;
            foreach ($tones as $a) {
                foreach ($tones as $b) {
                    $counted += ($film($a, 0.0, 0.0)->and($film($b, $right, $down))->count() / (480 * 480) - $a * $b) ** 2 / 25;
                }
            }
            self::assertEqualsWithDelta(sqrt($counted), SharedCell::off(Dot::Round, [$right, $down], 0.0), 0.012, "$right, $down");
        }
        self::assertGreaterThan(3 * SharedCell::off(Dot::Round, [0.75, 0.25], 0.0), SharedCell::off(Dot::Round, [0.75, 0.25], 0.1), 'a press that scatters undoes it');
        self::assertEqualsWithDelta(SharedCell::off(Dot::Round, [0.75, 0.25], 2.0), SharedCell::off(Dot::Round, [0.0, 0.0], 2.0), 0.001, 'one that lays it anywhere knows no place');
    }

    public function testADotSetOffIsTheSameDotElsewhere(): void
    {
        $cell = Supercell::for(600.0, 55.0, 22.5);
        $tones = new ToneRaster(300, 300, str_repeat("\x40", 300 * 300));
        $plain = Screening::with($cell, Dot::Round, 600);
        [$right, $down] = SetOff::pixels([0.75, 0.25], $cell);
        $film = $plain->film($tones, 2, 600);
        $moved = $plain->setOff([0.75, 0.25])->film($tones, 2, 600);
        for ($y = 40; $y < 560; $y += 7) {
            for ($x = 40; $x < 560; $x += 3) {
                if ($film->isSet($x, $y) !== $moved->isSet($x + $right, $y + $down)) {
                    self::fail("at $x, $y");
                }
            }
        }
        // Three quarters of a cell along the dots’ line and a quarter across it, upwards and anticlockwise: worked out by hand.
        self::assertEqualsWithDelta(600 / 55 * (0.75 * cos(deg2rad(22.5)) - 0.25 * sin(deg2rad(22.5))), $right, 0.6);
        self::assertEqualsWithDelta(-600 / 55 * (0.75 * sin(deg2rad(22.5)) + 0.25 * cos(deg2rad(22.5))), $down, 0.6);
    }

    /** @return list<array<int, BitPlane>> of each plate its film by tone, % */
    private static function films(int $many, Dot $dot): array
    {
        $screening = Screening::with(Supercell::for(600.0, 55.0, 22.5), $dot, 600);

        return array_map(static function (array $parts) use ($screening): array {
            $films = [];
            foreach ([10, 25, 45, 60] as $tone) {
                $films[$tone] = $screening->setOff($parts)->film(new ToneRaster(300, 300, str_repeat(\chr((int) round(2.55 * $tone)), 300 * 300)), 2, 600);
            }

            return $films;
        }, SetOff::of($many));
    }
}
