<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Times against 300 shops whose physics is not the model’s ({@see SimulatedShop}). */
final class TruthOfTimesTest extends TestCase
{
    private const SHOPS = 300;
    private const TESTS = 12;
    private const ASKED = 20;

    /** However many tests there are: the sum is not the whole truth of these emulsions, and intervals must not grow as if it were. */
    public function testIntervalsHoldAfterManyTests(): void
    {
        foreach ([25 => 12, 60 => 8, 200 => 4, 1000 => 1] as $count => $shops) {
            $held = $all = 0;
            $off = [];
            for ($seed = 0; $seed < $shops; ++$seed) {
                $shop = new SimulatedShop(100 + $seed);
                $tests = [];
                for ($i = 0; $i < $count; ++$i) {
                    $tests[] = $shop->tested($shop->any());
                }
                $model = new ExposureModel($tests, $shop->all());
                foreach ($shop->all() as $setting) {
                    [$seconds, $low, $high] = $model->interval($setting);
                    $right = $shop->rightS($setting);
                    $held += $low <= $right && $right <= $high ? 1 : 0;
                    $off[] = abs(log($seconds / $right));
                    ++$all;
                }
            }
            sort($off);
            self::assertGreaterThan(0.85, $held / $all, $count.' tests');
            self::assertLessThan(0.97, $held / $all, $count.' tests, and not wider than need be');
            self::assertLessThan(0.05, $off[intdiv(\count($off), 2)], $count.' tests, median error');
        }
    }

    #[Group('long')]
    public function testAfterTwelveGoodTestsTimesAreNearAndIntervalsHold(): void
    {
        $off = [];
        $held = 0;
        for ($seed = 0; $seed < self::SHOPS; ++$seed) {
            $shop = new SimulatedShop(1000 + $seed);
            [$tests, , $asked] = self::drawn($shop, 0.0);
            $model = new ExposureModel($tests, $asked);
            foreach ($asked as $setting) {
                $time = $model->predict($setting);
                $right = $shop->rightS($setting);
                $off[] = abs($time->seconds / $right - 1);
                $held += $time->lowS <= $right && $right <= $time->highS ? 1 : 0;
            }
        }
        sort($off);
        self::assertLessThan(0.08, $off[intdiv(\count($off), 2)], 'median error');
        self::assertGreaterThan(0.86, $held / \count($off));
        self::assertLessThan(0.985, $held / \count($off), 'and they are not wider than need be');
    }

    #[Group('long')]
    public function testOneGrossMisreadingInTenIsMostlyNamedAndTheIntervalsHold(): void
    {
        $held = $all = $named = $misread = $blamed = $good = 0;
        for ($seed = 0; $seed < self::SHOPS; ++$seed) {
            $shop = new SimulatedShop(1000 + $seed);
            [$tests, $wrong, $asked] = self::drawn($shop, 0.1);
            $model = new ExposureModel($tests, $asked);
            foreach ($model->surprises() as $i => $surprise) {
                $misread += $wrong[$i] ? 1 : 0;
                $named += $wrong[$i] && $surprise->disagrees ? 1 : 0;
                $good += $wrong[$i] ? 0 : 1;
                $blamed += !$wrong[$i] && $surprise->disagrees ? 1 : 0;
            }
            foreach ($asked as $setting) {
                $time = $model->predict($setting);
                $right = $shop->rightS($setting);
                $held += $time->lowS <= $right && $right <= $time->highS ? 1 : 0;
                ++$all;
            }
        }
        self::assertGreaterThan(0.83, $held / $all);
        self::assertLessThan(0.97, $held / $all);
        self::assertGreaterThanOrEqual(0.80, $named / $misread);
        self::assertLessThanOrEqual(0.05, $blamed / $good);
    }

    /** A lamp and an emulsion that no test has seen. */
    public function testWhatWasNeverSeenStaysWideAndHolds(): void
    {
        $held = $all = 0;
        $narrowest = \INF;
        for ($seed = 0; $seed < 100; ++$seed) {
            $shop = new SimulatedShop(5000 + $seed);
            $known = array_values(array_filter($shop->all(), static fn (Setting $s): bool => $s->lamp !== 'Box' && $s->emulsion !== 'Z'));
            $tests = [];
            for ($i = 0; $i < 8; ++$i) {
                $tests[] = $shop->tested($known[$shop->pick(\count($known))]);
            }
            $asked = [$shop->setting('Box', 'Z', $shop->pick(6)), $shop->setting('Box', 'P', $shop->pick(6)), $shop->setting('Arc', 'Z', $shop->pick(6))];
            $model = new ExposureModel($tests, $asked);
            foreach ($asked as $setting) {
                $time = $model->predict($setting);
                $right = $shop->rightS($setting);
                $held += $time->lowS <= $right && $right <= $time->highS ? 1 : 0;
                $narrowest = min($narrowest, $time->highS / $time->lowS);
                ++$all;
            }
        }
        self::assertGreaterThan(0.86, $held / $all);
        self::assertGreaterThan(2.0, $narrowest);
    }

    public function testTheOrderOfTestsDoesNotMatter(): void
    {
        for ($seed = 0; $seed < 12; ++$seed) {
            $shop = new SimulatedShop(9000 + $seed);
            [$tests, , $asked] = self::drawn($shop, 0.1);
            // Signs at the sink beside them, some of which contradict.
            foreach ([0.6, 0.9, 1.2] as $k => $share) {
                $s = $shop->any();
                $seconds = $share * $shop->rightS($s);
                $tests[] = $k === 1 ? new TestReading($s, null, null, $seconds) : new TestReading($s, $seconds, null, null);
            }
            $forth = new ExposureModel($tests, $asked);
            $back = new ExposureModel(array_reverse($tests), $asked);
            foreach ($asked as $setting) {
                self::assertEqualsWithDelta(log($forth->predict($setting)->seconds), log($back->predict($setting)->seconds), 0.02);
                self::assertEqualsWithDelta(log($forth->predict($setting)->highS), log($back->predict($setting)->highS), 0.02);
            }
        }
    }

    /** @return array{list<TestReading>, list<bool>, list<Setting>} tests of different settings, which are misread, and unseen settings near them */
    private static function drawn(SimulatedShop $shop, float $misread): array
    {
        $left = $shop->all();
        $tests = $wrong = $asked = [];
        for ($i = 0; $i < self::TESTS; ++$i) {
            [$setting] = array_splice($left, $shop->pick(\count($left)), 1);
            $factor = $misread > 0 && $shop->chance($misread) ? ($shop->chance(0.5) ? 0.4 : 2.5) : 1.0;
            $wrong[] = $factor !== 1.0;
            $tests[] = $shop->tested($setting, $factor);
        }
        $lamps = array_map(static fn (TestReading $t): string => $t->setting->lamp, $tests);
        $emulsions = array_map(static fn (TestReading $t): string => $t->setting->emulsion, $tests);
        while (\count($asked) < self::ASKED) {
            $setting = $left[$shop->pick(\count($left))];
            if (\in_array($setting->lamp, $lamps, true) && \in_array($setting->emulsion, $emulsions, true)) {
                $asked[] = $setting;
            }
        }

        return [$tests, $wrong, $asked];
    }
}
