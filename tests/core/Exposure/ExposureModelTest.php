<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ExposureModelTest extends TestCase
{
    private const Z = 1.6448536269514722;

    public function testWithoutTestsItGivesThePriors(): void
    {
        $time = self::predict([], self::setting(thickness: 120, dyed: true, film: 'vellum', hours: 500));
        // LED 15 s ± 0.9, dual-cure 0.6 ± 0.5, their pair ± 0.2, slope 1.2 ± 0.4 and its own ± 0.1, bend 0.3 ± 0.3, what the sum lacks ± 0.02, dye ln 1.3 ± 0.25, film ± 0.35, ageing 0.02 ± 0.02 a thousand hours
        $ln = log(15) + 0.6 + 1.2 * log(1.2) + 0.3 * log(1.2) ** 2 + log(1.3) + 0.01;
        $sd = sqrt(0.9 ** 2 + 0.5 ** 2 + 0.2 ** 2 + (0.4 * log(1.2)) ** 2 + (0.1 * log(1.2)) ** 2 + 0.02 ** 2 + (0.3 * log(1.2) ** 2) ** 2 + 0.25 ** 2 + 0.35 ** 2 + 0.01 ** 2);
        self::assertEqualsWithDelta(exp($ln), $time->seconds, 1e-9);
        self::assertEqualsWithDelta(exp($ln - self::Z * $sd), $time->lowS, 1e-9);
        self::assertEqualsWithDelta(exp($ln + self::Z * $sd), $time->highS, 1e-9);
        self::assertSame([], $time->restsOn);
    }

    public function testUnknownKindsAreWideOpen(): void
    {
        $time = self::predict([], new Setting('X', null, 'Y', null, 100, false, film: '', distanceMm: null, lampHours: 0));
        self::assertEqualsWithDelta(60 * exp(0.5), $time->seconds, 1e-9);
        self::assertEqualsWithDelta(self::Z * sqrt(1.2 ** 2 + 0.6 ** 2 + 0.2 ** 2 + 0.02 ** 2), log($time->highS / $time->seconds), 1e-9);
    }

    /** A data sheet’s factor takes the place of the kind’s usual one, and is trusted a little more. */
    public function testTheFactorOfADataSheetIsThePrior(): void
    {
        $told = new Setting('LED', LampKind::Led, 'A', EmulsionKind::Diazo, 100, false, film: '', distanceMm: null, lampHours: 0, emulsionFactor: 2.4);
        $time = self::predict([], $told);
        self::assertEqualsWithDelta(15 * 2.4, $time->seconds, 1e-9);
        self::assertEqualsWithDelta(self::Z * sqrt(0.9 ** 2 + 0.35 ** 2 + 0.2 ** 2 + 0.02 ** 2), log($time->highS / $time->seconds), 1e-9);
    }

    /** One test on the very setting that is asked, against summing up what it may be: true, or one slip of twelve and a half. */
    public function testOneTestAgreesWithSummingUp(): void
    {
        $setting = self::setting();
        $time = self::predict([new TestReading($setting, 16.0, 20.0, 25.0)], $setting);
        $mean = log(15) + 0.6;
        $prior = 0.9 ** 2 + 0.5 ** 2 + 0.2 ** 2;
        $noise = (log(25 / 16) / sqrt(12)) ** 2 + 0.05 ** 2;
        $normal = static fn (float $off, float $variance): float => exp(-$off ** 2 / 2 / $variance) / sqrt(2 * \M_PI * $variance);
        // How well a slip explains 20 s: about 2.5 times off either way, or, one in five, anywhere.
        $off = log(20) - $mean;
        $slip = 0.08 * (0.4 * $normal($off - 0.92, $prior + $noise + 0.16) + 0.4 * $normal($off + 0.92, $prior + $noise + 0.16) + 0.2 * $normal($off, $prior + $noise + 1.6 ** 2));
        $step = 0.0002;
        $weights = [];
        for ($x = $mean - 7; $x < $mean + 7; $x += $step) {
            $weights[] = $normal($x - $mean, $prior) * (0.92 * $normal(log(20) - $x, $noise) + $slip);
        }
        $all = array_sum($weights);
        $sum = 0.0;
        $below = ['0.05' => 0.0, '0.5' => 0.0, '0.95' => 0.0];
        foreach ($weights as $i => $weight) {
            $sum += $weight / $all;
            foreach (['0.05', '0.5', '0.95'] as $share) {
                if ($sum <= (float) $share) {
                    $below[$share] = $mean - 7 + $i * $step;
                }
            }
        }
        self::assertEqualsWithDelta($below['0.05'], log($time->lowS), 0.001);
        self::assertEqualsWithDelta($below['0.5'], log($time->seconds), 0.001);
        self::assertEqualsWithDelta($below['0.95'], log($time->highS), 0.001);
        self::assertSame([0], $time->restsOn);
    }

    public function testATestOnAnotherLampAndEmulsionIsNotRestedOn(): void
    {
        $other = new Setting('Old tubes', LampKind::Tubes, 'Slow', EmulsionKind::Diazo, 100, false, film: '', distanceMm: null, lampHours: 0);
        $time = self::predict([new TestReading($other, 300, 330, 360), new TestReading(self::setting(), 16, 20, 25)], self::setting());
        self::assertSame([1], $time->restsOn);
    }

    /** Slime at 40 s alone: the posterior mean against numerical integration of the truncated prior. */
    public function testAOneSidedSignAgreesWithIntegration(): void
    {
        $setting = self::setting();
        $time = self::predict([new TestReading($setting, 40.0, null, null)], $setting);
        $mean = log(15) + 0.6;
        $variance = 0.9 ** 2 + 0.5 ** 2 + 0.2 ** 2;
        $sum = $first = $second = 0.0;
        for ($x = $mean - 8; $x < $mean + 8; $x += 0.0005) {
            // prior density times the probability that a noisy bound at 40 s lies below x
            // or that the sign was mistaken, which says no more than a coin
            $weight = exp(-($x - $mean) ** 2 / 2 / $variance) * (0.92 * self::below(($x - log(40)) / 0.05) + 0.04);
            $sum += $weight;
            $first += $weight * $x;
            $second += $weight * $x * $x;
        }
        self::assertEqualsWithDelta($first / $sum, log($time->seconds), 0.002);
        self::assertEqualsWithDelta(sqrt($second / $sum - ($first / $sum) ** 2), log($time->highS / $time->seconds) / self::Z, 0.002);
    }

    public function testALampTwiceAsFarTakesFourTimesAsLong(): void
    {
        $near = new Setting('Bulb', LampKind::MetalHalide, 'E', EmulsionKind::Diazo, 100, false, film: '', distanceMm: 600, lampHours: 0);
        $far = new Setting('Bulb', LampKind::MetalHalide, 'E', EmulsionKind::Diazo, 100, false, film: '', distanceMm: 1200, lampHours: 0);
        $led = new Setting('Table', LampKind::Led, 'E', EmulsionKind::Diazo, 100, false, film: '', distanceMm: 600, lampHours: 0);
        $ledFar = new Setting('Table', LampKind::Led, 'E', EmulsionKind::Diazo, 100, false, film: '', distanceMm: 1200, lampHours: 0);
        $model = new ExposureModel([new TestReading($near, 90, 100, 110)], [$near, $far, $led, $ledFar]);
        self::assertEqualsWithDelta(4.0, $model->predict($far)->seconds / $model->predict($near)->seconds, 1e-9);
        self::assertEqualsWithDelta(
            1.0,
            $model->predict($ledFar)->seconds / $model->predict($led)->seconds,
            1e-9,
            'parallel light does not thin',
        );
    }

    /** 400 shops drawn from the priors: the 90 % interval holds the truth in about 90 % of them. */
    public function testTheIntervalHoldsTheTruthNineTimesInTen(): void
    {
        $random = new Randomizer(new Mt19937(42));
        $inside = 0;
        for ($shop = 0; $shop < 400; ++$shop) {
            $lamp = log(15) + 0.9 * self::normal($random);
            $emulsion = 0.6 + 0.5 * self::normal($random);
            $pair = 0.2 * self::normal($random);
            $b = 1.2 + 0.4 * self::normal($random);
            $q = 0.3 + 0.3 * self::normal($random);
            $dye = log(1.3) + 0.25 * self::normal($random);
            $b += 0.1 * self::normal($random);
            $lack = ['120' => 0.02 * self::normal($random), '88' => 0.02 * self::normal($random), '70' => 0.02 * self::normal($random)];
            $truth = static fn (float $um, bool $dyed): float => $lamp + $emulsion + $pair + $b * log($um / 100) + $q * log($um / 100) ** 2 + ($dyed ? $dye : 0.0) + $lack[(string) $um];
            $tests = [];
            foreach ([[120.0, false], [88.0, true]] as [$um, $dyed]) {
                $read = $truth($um, $dyed) + 0.05 * self::normal($random);
                $width = 0.3;
                $low = $read - $width * $random->getInt(0, 1_000_000) / 1_000_000;
                $tests[] = new TestReading(self::setting(thickness: $um, dyed: $dyed), exp($low), null, exp($low + $width));
            }
            $time = self::predict($tests, self::setting(thickness: 70, dyed: true));
            $inside += log($time->lowS) <= $truth(70, true) && $truth(70, true) <= log($time->highS) ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.90, $inside / 400, 0.04);
    }

    public function testRefusesAReadingThatContradictsItself(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('The low limit of 30 s lies above the high limit of 20 s');
        new TestReading(self::setting(), 30, null, 20);
    }

    /** @param list<TestReading> $tests */
    private static function predict(array $tests, Setting $asked): PredictedTime
    {
        return (new ExposureModel($tests, [$asked]))->predict($asked);
    }

    private static function setting(float $thickness = 100, bool $dyed = false, string $film = '', float $hours = 0): Setting
    {
        return new Setting('Table', LampKind::Led, 'Cure', EmulsionKind::DualCure, $thickness, $dyed, film: $film, distanceMm: null, lampHours: $hours);
    }

    private static function normal(Randomizer $random): float
    {
        $u = $random->getInt(1, 1_000_000_000) / 1_000_000_001;

        return sqrt(-2 * log($u)) * cos(2 * \M_PI * $random->getInt(0, 1_000_000_000) / 1_000_000_000);
    }

    /** Normal probability below z, by the trapezium rule. */
    private static function below(float $z): float
    {
        if ($z > 8) {
            return 1.0;
        }
        if ($z < -8) {
            return 0.0;
        }
        $sum = 0.0;
        for ($t = -8.0; $t < $z; $t += 0.02) {
            $step = min(0.02, $z - $t);
            $sum += $step * (exp(-$t * $t / 2) + exp(-($t + $step) ** 2 / 2)) / 2;
        }

        return $sum / sqrt(2 * \M_PI);
    }
}
