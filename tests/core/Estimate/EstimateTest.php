<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Estimate;

use Ektype\Core\Estimate\CostLine;
use Ektype\Core\Estimate\Estimate;
use Ektype\Core\Estimate\ImpossiblePrice;
use Ektype\Core\Estimate\JobToPrice;
use Ektype\Core\Estimate\LearnedRates;
use Ektype\Core\Estimate\Rates;
use Ektype\Core\Estimate\RunDone;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class EstimateTest extends TestCase
{
    /** Reckoned by hand, part by part, in cents. */
    public function testEveryPartIsWhatItSaysAndTheSumIsTheirSum(): void
    {
        $rates = new Rates('EUR', 3000, 600, 400, screenMinutes: 20, filmCentsPerM2: 1000, emulsionCentsPerL: 5000, inkCentsPerKg: 2000, artMinutes: 30, setUpMinutes: 10, strikeOffMinutes: 20, spoiled: 0.04, margin: 0.5, garmentCents: 250);
        $one = Estimate::of(new JobToPrice(3, 0.48, 240.0, 12.0, 45.0), $rates, 100);
        self::assertSame(4, $one->spares);
        $expected = [
            'Art and separation' => 1500,
            'Films' => 480,
            'Mesh and emulsion' => 1200 + 1200,
            'Making the screens' => 3000,
            'Setting up' => 50 * 3600 / 60,
            'Printing' => 78 * 3600 / 60,
            'Ink' => (int) round((104 * 12 + 3 * 40) / 1000 * 2000),
            'Garments' => 104 * 250,
        ];
        self::assertEquals($expected, array_column(array_map(static fn (CostLine $l): array => [$l->what, $l->cents], $one->lines), 1, 0));
        self::assertSame(array_sum($expected), $one->costCents);
        self::assertSame((int) ceil(array_sum($expected) * 1.5 / 100), $one->eachCents);
        self::assertSame(100 * $one->eachCents, $one->totalCents);
        self::assertEqualsWithDelta(30 + 60 + 50 + 78, $one->minutes, 1e-9);
        self::assertLessThan($one->costCents, $one->lowCents);
        self::assertGreaterThan($one->costCents, $one->highCents);
        $two = Estimate::of(new JobToPrice(3, 0.48, 240.0, 12.0, 45.0, 2), $rates, 100);
        self::assertSame($one->costCents + 78 * 50, $two->costCents, 'a second pair of hands is paid too');
        self::assertSame(['104 pieces at 45 s', '104 pieces at 45 s, 2 hands'], [$one->lines[5]->says, $two->lines[5]->says]);
        $slow = Estimate::of(new JobToPrice(3, 0.48, 240.0, 12.0, 45.0), $rates, 100, new LearnedRates(array_fill(0, 400, new RunDone(44.0, 88.0, 12, 0))));
        self::assertEqualsWithDelta(2.0, $slow->minutes === 0.0 ? 0.0 : ($slow->lines[5]->minutes ?? 0.0) / ((100 + $slow->spares) * 45 / 60), 0.01, 'a shop that takes twice as long');
    }

    /** No quantity asks more for a piece than a smaller one, but for a garment to spare that falls in. */
    public function testMorePiecesAreNeverDearerEach(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($try = 0; $try < 60; ++$try) {
            $job = new JobToPrice($random->getInt(1, 8), $random->getInt(0, 100) / 100, $random->getInt(50, 900), $random->getInt(1, 300) / 10, $random->getInt(20, 90));
            $curve = Estimate::curve($job, new Rates(spoiled: 0.0, margin: $random->getInt(0, 80) / 100), $random->getInt(1, 1200));
            foreach ($curve as $i => $at) {
                self::assertGreaterThanOrEqual(Estimate::of($job, new Rates(spoiled: 0.0), $at->pieces)->costCents, $at->totalCents, 'never below its cost');
                if ($i > 0) {
                    self::assertLessThanOrEqual($curve[$i - 1]->eachCents, $at->eachCents);
                    self::assertGreaterThan($curve[$i - 1]->pieces, $at->pieces);
                }
            }
        }
    }

    /** 400 simulated shops of six runs: pace and spoilage lie within what is told in nine of ten. */
    public function testTheShopsOwnPaceAndSpoilageAreFound(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $normal = static fn (): float => sqrt(-2 * log(($random->getInt(1, 1_000_000) - 0.5) / 1e6)) * cos(2 * \M_PI * $random->getInt(0, 999_999) / 1e6);
        $pace = $spoiled = 0;
        $off = 0.0;
        for ($shop = 0; $shop < 400; ++$shop) {
            $times = exp(0.25 * $normal());
            $share = min(0.12, max(0.002, 0.03 + 0.016 * $normal()));
            $runs = [];
            for ($i = 0; $i < 6; ++$i) {
                $pieces = $random->getInt(24, 200);
                $bad = 0;
                for ($k = 0; $k < $pieces; ++$k) {
                    $bad += $random->getInt(1, 1_000_000) <= 1e6 * $share ? 1 : 0;
                }
                $runs[] = new RunDone(44.0, 44.0 * $times * exp(0.15 * $normal()), $pieces - $bad, $bad);
            }
            $learned = new LearnedRates($runs);
            $pace += $learned->paceLow <= $times && $times <= $learned->paceHigh ? 1 : 0;
            $spoiled += $learned->spoiledLow(0.03) <= $share && $share <= $learned->spoiledHigh(0.03) ? 1 : 0;
            $off += abs(log($learned->pace / $times));
        }
        self::assertEqualsWithDelta(360, $pace, 22, 'nine in ten');
        self::assertGreaterThan(345, $spoiled);
        self::assertLessThan(0.06, $off / 400);
        self::assertSame(1.0, (new LearnedRates())->pace);
        self::assertEqualsWithDelta(exp(1.645 * 0.25), (new LearnedRates())->paceHigh, 1e-9);
        self::assertSame([0, 0, 1], array_map(static fn (int $good): int => (new LearnedRates([new RunDone(44.0, 400.0, $good, 1)]))->runs, [2, 4, 5]), 'five pieces are no pace, six are');
        // 100 pieces at 3 % and 300 printed with 9 spoiled: beta over binomial.
        $learned = new LearnedRates([new RunDone(44.0, 44.0, 291, 9)]);
        self::assertEqualsWithDelta(0.03, $learned->spoiled(0.03), 1e-12);
        $sd = sqrt(0.03 * 0.97 / 401);
        self::assertEqualsWithDelta([0.03 - 1.645 * $sd, 0.03 + 1.645 * $sd], [$learned->spoiledLow(0.03), $learned->spoiledHigh(0.03)], 1e-12);
        self::assertEqualsWithDelta(exp(log(2) / 0.0225 / (1 / 0.0625 + 1 / 0.0225)), (new LearnedRates([new RunDone(40.0, 80.0, 50, 0)]))->pace, 1e-12);
    }

    public function testAPriceOfNothingIsRefused(): void
    {
        foreach (['pieces' => [new JobToPrice(3, 0.1, 10.0, 1.0, 40.0), 0], 'screens' => [new JobToPrice(0, 0.0, 0.0, 0.0, 0.0), 10]] as $on => [$job, $pieces]) {
            try {
                Estimate::of($job, new Rates(), $pieces);
                self::fail('refused');
            } catch (ImpossiblePrice $not) {
                self::assertSame($on, $not->on);
            }
        }
        $this->expectException(ImpossiblePrice::class);
        new Rates('euro');
    }
}
