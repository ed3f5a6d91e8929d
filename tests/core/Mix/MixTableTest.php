<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Method\Simulated\SimulatedRequest;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\LayeredInks;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Mix\MixTable;
use Ektype\Core\Mix\MixTerms;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Mix\WishedColour;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\PlannedDots;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Opaque inks over a base on black cloth: prints made from known plates are separated back. */
final class MixTableTest extends TestCase
{
    private const CLOTH = '#101010';

    private static ?MixTable $table = null;

    public function testThePrintIsThatOfTheModelAndMovesAsItIsTold(): void
    {
        $layered = self::layered();
        mt_srand(8);
        for ($try = 0; $try < 20; ++$try) {
            $coverages = array_map(static fn (): float => mt_rand(5, 95) / 100, self::inks());
            $model = (new PrintedLayers())->over(Srgb::fromHex(self::CLOTH), array_map(static fn (GivenInk $ink, float $a): LaidInk => new LaidInk($ink->colour, $a, $ink->hiding), self::inks(), $coverages));
            self::assertSame($model->hex(), $layered->colour($coverages)->hex());
            [$root, $adds] = $layered->moved($coverages);
            $wished = new WishedColour(new Srgb(120, 80, 60));
            [$off, $rows] = $wished->off($root, $layered->exponent());
            foreach (array_keys($coverages) as $k) {
                $more = array_replace($coverages, [$k => $coverages[$k] + 1e-5]);
                [$moved] = $layered->moved(array_values($more));
                [$then] = $wished->off($moved, $layered->exponent());
                foreach ([0, 1, 2] as $i) {
                    self::assertEqualsWithDelta(($moved[$i] - $root[$i]) / 1e-5, $adds[$k][$i], 1e-4);
                    $told = $rows[$i][0] * $adds[$k][0] + $rows[$i][1] * $adds[$k][1] + $rows[$i][2] * $adds[$k][2];
                    self::assertEqualsWithDelta(($then[$i] - $off[$i]) / 1e-5, $told, 0.02 + 0.002 * abs($told));
                }
            }
        }
    }

    #[Group('long')]
    public function testColoursOfKnownPlatesPrintAsTheyWere(): void
    {
        mt_srand(17);
        [$sum, $worst] = [0.0, 0.0];
        for ($i = 0; $i < 60; ++$i) {
            $plates = array_map(static fn (): float => mt_rand(0, 2) === 0 ? mt_rand(10, 90) / 100 : 0.0, self::inks());
            $wished = self::layered()->colour($plates);
            $off = Ciede2000::between(Lab::of($wished), Lab::of(self::layered()->colour(self::at($wished))));
            $sum += $off / 60;
            $worst = max($worst, $off);
        }
        self::assertLessThan(0.6, $sum);
        self::assertLessThan(3.0, $worst);
    }

    /** Black on black cloth is left to the cloth; white is white; few inks print anywhere. */
    #[Group('long')]
    public function testNothingIsPrintedThatTheGarmentGivesAndInkIsSpared(): void
    {
        self::assertLessThan(0.03, array_sum(self::at(Srgb::fromHex(self::CLOTH))));
        $white = self::at(Srgb::fromHex('#f0eee8'));
        self::assertGreaterThan(0.85, max($white[0], $white[5]));
        mt_srand(3);
        $printing = 0;
        for ($i = 0; $i < 200; ++$i) {
            $colour = new Srgb(mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255));
            $printing += \count(array_filter(self::at($colour), static fn (float $a): bool => $a > 0.02));
        }
        self::assertLessThan(4.0, $printing / 200, 'of six plates');
    }

    /** A step of the art from one level to the next moves no plate by much: 1/32 of a channel is a node. */
    public function testASmoothBlendOfThePictureIsSmoothOnThePlatesInTheMean(): void
    {
        $table = self::table();
        [$sum, $count] = [0.0, 0];
        foreach ($table->nodes as $nodes) {
            foreach ([1, MixTable::SIDE, MixTable::SIDE ** 2] as $stride) {
                foreach ($nodes as $i => $here) {
                    if (intdiv($i, $stride) % MixTable::SIDE < MixTable::SIDE - 1) {
                        $sum += abs($nodes[$i + $stride] - $here);
                        ++$count;
                    }
                }
            }
        }
        // In the mean of all nodes, to be held against the 2 % of a level, of which a node has eight.
        self::assertLessThan(0.05, $sum / $count);
    }

    /** Noise of one level of grey moves no plate by more than 2 % in the mean, over a blend through the whole cube. */
    public function testNoiseOfOneLevelIsNotAmplified(): void
    {
        mt_srand(21);
        $moved = array_fill(0, 6, 0.0);
        $many = 400;
        for ($i = 0; $i < $many; ++$i) {
            $code = static fn (float $turn): int => (int) round(127 + 110 * sin($turn * $i / $many));
            $colour = [$code(6.1), $code(9.7), $code(15.3)];
            $noisy = array_map(static fn (int $c): int => max(0, min(255, $c + mt_rand(-1, 1))), $colour);
            $with = self::at(new Srgb(...$noisy));
            foreach (self::at(new Srgb(...$colour)) as $plate => $coverage) {
                $moved[$plate] += abs($coverage - $with[$plate]) / $many;
            }
        }
        foreach ($moved as $plate => $by) {
            self::assertLessThan(0.02, $by, self::inks()[$plate]->name);
        }
    }

    /** From the cloth to the lightest that the inks can be, no plate of a grey ramp goes back by more than 5 %. */
    public function testAGreyRampIsMonotoneOnEveryPlate(): void
    {
        $most = array_fill(0, 6, 0.0);
        for ($grey = 16; $grey <= 232; $grey += 4) {
            foreach (self::at(new Srgb($grey, $grey, $grey)) as $plate => $coverage) {
                self::assertGreaterThan($most[$plate] - 0.05, $coverage, self::inks()[$plate]->name." at $grey");
                $most[$plate] = max($most[$plate], $coverage);
            }
        }
        self::assertGreaterThan(0.95, $most[0], 'the base carries it');
    }

    public function testThePlatesOfAPictureAreDotsInPrintOrder(): void
    {
        $rgb = '';
        for ($y = 0; $y < 120; ++$y) {
            for ($x = 0; $x < 120; ++$x) {
                $rgb .= $y < 60 ? "\x10\x10\x10" : "\xc0\x30\x28";
            }
        }
        $inks = self::inks();
        $request = static fn (?ToneCurve $curve = null, Tones $range = new Tones(0.0, 1.0)): SimulatedRequest => new SimulatedRequest(10.16, Srgb::fromHex(self::CLOTH), \array_slice($inks, 1, 4), $inks[0], $inks[5], 600.0, dots: new PlannedDots(new Halftone(45.0, 22.5), range: $range), curve: $curve, angles: PlateAngles::One);
        $plates = MixPlates::of(new ArtRaster(120, 120, $rgb, false), $request()->mix());
        self::assertSame(['Base', 'Yellow', 'Green', 'Red', 'Blue', 'White'], array_map(static fn ($p): string => $p->ink->name, $plates));
        self::assertNotEqualsWithDelta($plates[0]->dots->angleDeg, $plates[1]->dots->angleDeg, 10.0);
        self::assertEqualsWithDelta(22.5, $plates[1]->dots->angleDeg, 0.05);
        $covers = [];
        foreach ($plates as $plate) {
            $upper = $lower = 0;
            for ($y = 4; $y < 110; ++$y) {
                for ($x = 0; $x < 240; ++$x) {
                    $upper += $plate->plane->isSet($x, $y) ? 1 : 0;
                    $lower += $plate->plane->isSet($x, $y + 125) ? 1 : 0;
                }
            }
            self::assertLessThan(0.02, $upper / (106 * 240), 'black on black');
            $covers[] = $lower / (106 * 240);
        }
        $print = self::layered()->colour($covers);
        self::assertLessThan(4.0, Ciede2000::between(Lab::of($print), Lab::of(Srgb::fromHex('#c03028'))));
        $less = MixPlates::of(new ArtRaster(120, 120, $rgb, false), $request(new ToneCurve([[50.0, 30.0]]))->mix());
        self::assertLessThan(array_sum(array_map(static fn ($p): float => $p->coveragePct(), $plates)), array_sum(array_map(static fn ($p): float => $p->coveragePct(), $less)));
    }

    public function testNoInksAreNoPrint(): void
    {
        $this->expectException(ImpossibleMix::class);
        new SimulatedRequest(100.0, Srgb::fromHex(self::CLOTH), [], null, null, 600.0, dots: new PlannedDots(new Halftone(45.0)));
    }

    /** @return list<GivenInk> in print order */
    private static function inks(): array
    {
        return [
            new GivenInk('Base', Srgb::fromHex('#f6f4ee'), 0.92),
            new GivenInk('Yellow', Srgb::fromHex('#f2d028'), 0.8),
            new GivenInk('Green', Srgb::fromHex('#1f8a44'), 0.85),
            new GivenInk('Red', Srgb::fromHex('#c8202c'), 0.85),
            new GivenInk('Blue', Srgb::fromHex('#1f4fa8'), 0.85),
            new GivenInk('White', Srgb::fromHex('#f8f7f2'), 0.92),
        ];
    }

    private static function layered(): LayeredInks
    {
        return new LayeredInks(Srgb::fromHex(self::CLOTH), self::inks());
    }

    private static function table(): MixTable
    {
        return self::$table ??= MixTable::of(self::layered(), MixTerms::opaque(6, 5));
    }

    /** @return list<float> coverages of a colour, straight between the nodes */
    private static function at(Srgb $colour): array
    {
        $places = array_map(static function (int $code): array {
            $at = $code / 255 * (MixTable::SIDE - 1);
            $node = min(MixTable::SIDE - 2, (int) $at);

            return [$node, $at - $node];
        }, [$colour->red, $colour->green, $colour->blue]);
        $coverages = [];
        foreach (self::table()->nodes as $nodes) {
            $value = 0.0;
            for ($corner = 0; $corner < 8; ++$corner) {
                [$weight, $at, $stride] = [1.0, 0, 1];
                foreach ($places as $axis => [$node, $part]) {
                    $upper = $corner >> $axis & 1;
                    $weight *= $upper === 1 ? $part : 1 - $part;
                    $at += ($node + $upper) * $stride;
                    $stride *= MixTable::SIDE;
                }
                $value += $weight * $nodes[$at];
            }
            $coverages[] = $value;
        }

        return $coverages;
    }
}
