<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Halftone;

use Ektype\Core\Halftone\MurrayDavies;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Halftone\UnusableGain;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A press with a curve of its own, read patch by patch with the noise that reading has. */
final class PressGainTest extends TestCase
{
    /** @return iterable<string, array{\Closure(float): float}> none of them of the form that is fitted */
    public static function somePresses(): iterable
    {
        return Measure::some(1, self::presses());
    }

    /** @return iterable<string, array{\Closure(float): float}> none of them of the form that is fitted */
    public static function presses(): iterable
    {
        yield 'edges that spread' => [static fn (float $a): float => $a + 0.24 * sin(\M_PI * $a) ** 1.2];
        yield 'shadows that fill' => [static fn (float $a): float => $a + 0.2 * sin(\M_PI * $a) - 0.05 * sin(2 * \M_PI * $a)];
        yield 'light in the cloth' => [static fn (float $a): float => 1 - (1 - $a * (1 - 0.2)) ** 1.9 * (1 - $a) ** 0.25];
        yield 'a press that gains nothing' => [static fn (float $a): float => $a];
    }

    /** @param \Closure(float): float $truth */
    #[DataProvider('somePresses')]
    public function testTheCurveIsRightAndItsIntervalHonest(\Closure $truth): void
    {
        mt_srand(21);
        [$good, $inside, $asked] = [0, 0, 0];
        for ($shop = 0; $shop < 100; ++$shop) {
            $gain = new PressGain(self::chart($truth, 0.01));
            $most = 0.0;
            for ($pct = 10; $pct <= 90; $pct += 10) {
                $said = $gain->at($pct / 100);
                $most = max($most, abs($said->printed - $truth($pct / 100)));
                $inside += $said->low <= $truth($pct / 100) && $truth($pct / 100) <= $said->high ? 1 : 0;
                ++$asked;
                // The film that the curve asks for prints what was wished.
                self::assertEqualsWithDelta($pct / 100, $truth($gain->film($pct / 100)), 0.02, "shop $shop, $pct %");
            }
            $good += $most <= 0.015 ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(95, $good);
        self::assertGreaterThan(0.86, $inside / $asked);
    }

    public function testFewReadingsAreNotBelievedAlone(): void
    {
        $few = new PressGain([new ReadTone(0.25, 0.5), new ReadTone(0.5, 0.75), new ReadTone(0.75, 0.92)]);
        $many = new PressGain(self::chart(static fn (float $a): float => $a + 0.25 * sin(\M_PI * $a), 0.005));
        self::assertGreaterThan(3 * ($many->at(0.4)->high - $many->at(0.4)->low), $few->at(0.1)->high - $few->at(0.1)->low);
        self::assertGreaterThan(0.015, $many->at(0.5)->high - $many->at(0.5)->low, 'what all patches have in common no number of them mends');
        self::assertSame(0.0, $few->at(0.0)->printed, 'bare stays bare');
        self::assertSame(1.0, $few->at(1.0)->printed, 'solid stays solid');
    }

    public function testOneWildReadingIsNamedAndLeftOut(): void
    {
        mt_srand(4);
        $chart = self::chart(static fn (float $a): float => $a + 0.22 * sin(\M_PI * $a), 0.01);
        $clean = new PressGain($chart);
        self::assertSame([], $clean->wild);
        array_splice($chart, 20, 1, [new ReadTone($chart[20]->film, 0.12)]);
        $gain = new PressGain($chart);
        self::assertCount(1, $gain->wild);
        self::assertEqualsWithDelta(0.12, $gain->wild[0]->printed, 1e-9);
        self::assertEqualsWithDelta($clean->at(0.5)->printed, $gain->at(0.5)->printed, 0.005);
        self::assertSame(56, $gain->restsOn);
    }

    /** @return iterable<string, array{list<ReadTone>, string}> */
    public static function noCharts(): iterable
    {
        yield 'nothing' => [[], 'three tones'];
        yield 'one tone' => [[new ReadTone(0.5, 0.7), new ReadTone(0.5, 0.71), new ReadTone(0.5, 0.69)], 'three tones'];
        yield 'no tone' => [[new ReadTone(0.2, 0.4), new ReadTone(0.5, 1.7), new ReadTone(0.8, 0.9)], 'cannot be'];
        $mixed = [];
        foreach (range(10, 90, 5) as $i => $pct) {
            $mixed[] = new ReadTone($pct / 100, $i % 2 === 0 ? 0.15 : 0.85);
        }
        yield 'two charts' => [$mixed, 'contradict'];
    }

    /** @param list<ReadTone> $readings */
    #[DataProvider('noCharts')]
    public function testWhatIsNoChartIsRefused(array $readings, string $words): void
    {
        $this->expectException(UnusableGain::class);
        $this->expectExceptionMessage($words);
        new PressGain($readings);
    }

    /** Half of the cloth printed: its light is the mean of both, worked out from reflectances. */
    public function testDensitiesAreSharesOfLight(): void
    {
        foreach ([0.0, 0.1, 0.5, 0.8, 1.0] as $printed) {
            $light = $printed * 10 ** -1.5 + (1 - $printed) * 10 ** -0.08;
            self::assertEqualsWithDelta($printed, MurrayDavies::printed(-log10($light), 0.08, 1.5), 1e-9);
            // White on black: the other way round.
            $light = $printed * 10 ** -0.15 + (1 - $printed) * 10 ** -1.4;
            self::assertEqualsWithDelta($printed, MurrayDavies::printed(-log10($light), 1.4, 0.15), 1e-9);
        }
        $this->expectException(UnusableGain::class);
        MurrayDavies::printed(0.3, 0.5, 0.52);
    }

    /**
     * Three copies of every fifth per cent.
     *
     * @param \Closure(float): float $truth
     *
     * @return list<ReadTone>
     */
    private static function chart(\Closure $truth, float $sd): array
    {
        $readings = [];
        foreach (range(5, 95, 5) as $pct) {
            for ($copy = 0; $copy < 3; ++$copy) {
                $noise = sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 1))) * cos(2 * \M_PI * mt_rand() / mt_getrandmax());
                $readings[] = new ReadTone($pct / 100, $truth($pct / 100) + $sd * $noise);
            }
        }

        return $readings;
    }
}
