<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\UnusableTest;
use PHPUnit\Framework\TestCase;

/** Tests that contradict, that repeat each other, or that were made in other ways. */
final class DoubtTest extends TestCase
{
    public function testTwoTestsThatContradictAreNotAveragedInSilence(): void
    {
        $model = new ExposureModel([new TestReading(self::setting(), 10, null, 12), new TestReading(self::setting(), 100, null, 120)], [self::setting()]);
        $time = $model->predict(self::setting());
        self::assertLessThan(12, $time->lowS);
        self::assertGreaterThan(100, $time->highS);
        self::assertTrue($model->surprises()[0]->disagrees || $model->surprises()[1]->disagrees);
        self::assertStringContainsString('contradict', $time->says());
        // What is set on the timer is one of the two, never the empty middle.
        self::assertTrue(abs(log($time->seconds / 11)) < 0.2 || abs(log($time->seconds / 110)) < 0.2, $time->seconds.' s');
    }

    public function testThreeThatAgreeOutvoteASlipOfADigit(): void
    {
        $tests = [];
        foreach ([[20, 23], [19.5, 22], [21, 24], [200, 230]] as [$low, $high]) {
            $tests[] = new TestReading(self::setting(), $low, null, $high);
        }
        $model = new ExposureModel($tests, [self::setting()]);
        $time = $model->predict(self::setting());
        self::assertEqualsWithDelta(21.5, $time->seconds, 1.0);
        self::assertLessThan(24, $time->highS);
        self::assertSame([false, false, false, true], array_map(static fn ($s): bool => $s->disagrees, $model->surprises()));
        self::assertStringContainsString('slip of a digit', $model->surprises()[3]->says());
        self::assertStringContainsString('times too long', $model->surprises()[3]->says());
        self::assertStringContainsString('Test 4 disagrees', $time->says());
    }

    /** Ten readings of one ladder know no more than its strips do: their rounding is shared. */
    public function testReadingsOfOneLadderShareItsRounding(): void
    {
        $once = self::width([new TestReading(self::setting(), 20, null, 26)]);
        $ten = self::width(array_fill(0, 10, new TestReading(self::setting(), 20, null, 26)));
        $apart = self::width([new TestReading(self::setting(), 20, null, 26), new TestReading(self::setting(), 19, null, 24.7), new TestReading(self::setting(), 21, null, 27.3)]);
        $rounding = log(26 / 20) / sqrt(12);
        self::assertGreaterThan(0.9 * 2 * 1.645 * $rounding, $ten);
        self::assertLessThan($once, $ten, 'the noise of reading does average');
        self::assertLessThan($ten, $apart, 'ladders of other steps round otherwise');
    }

    /** Slime at 20 s, told five times of screens burned alike, is one bound. */
    public function testABoundToldAgainIsOneBound(): void
    {
        $bound = new TestReading(self::setting(), 60, null, null);
        self::assertEqualsWithDelta(self::width([$bound]), self::width([$bound, $bound, $bound]), 1e-6);
    }

    public function testASignAtTheSinkThatAllTestsContradictIsNamed(): void
    {
        $tests = [new TestReading(self::setting(), 20, null, 23), new TestReading(self::setting(), 19.5, null, 22), new TestReading(self::setting(), 80, null, null)];
        $model = new ExposureModel($tests, [self::setting()]);
        self::assertTrue($model->surprises()[2]->disagrees);
        self::assertEqualsWithDelta(21.0, $model->predict(self::setting())->seconds, 1.0);
    }

    /** Strips of 5 s burns under a lamp that loses half a second of each: ten burns gave as much as one of 45.5 s. */
    public function testSeveralShortBurnsFallShortOfOneLongOne(): void
    {
        $slow = self::setting(startLossS: 0.5);
        $test = new TestReading($slow, 45, null, 50, 5);
        self::assertEqualsWithDelta(45.5, $test->oneBurnS(50), 1e-9);
        $time = (new ExposureModel([$test], [$slow]))->predict($slow);
        self::assertEqualsWithDelta(log(sqrt(41.0 * 45.5)), log($time->seconds), 0.02);
        $one = (new ExposureModel([new TestReading($slow, 45, null, 50)], [$slow]))->predict($slow);
        self::assertEqualsWithDelta(log(sqrt(45.0 * 50.0)), log($one->seconds), 0.02);
    }

    /** A field that lets half the light pass stands for half the time; the lamp comes up once for all fields. */
    public function testAFilterFilmIsALadderOfOneBurn(): void
    {
        $test = TestReading::throughFilters(self::setting(), 40, 0.5, 0.6, 0.7);
        self::assertSame([20.0, 24.0, 28.0], [$test->lowS, $test->bestS, $test->highS]);
        $slow = TestReading::throughFilters(self::setting(startLossS: 2.0), 42, 0.5, null, 0.7);
        self::assertEqualsWithDelta(22.0, $slow->lowS ?? 0, 1e-9);
        self::assertEqualsWithDelta(30.0, $slow->highS ?? 0, 1e-9);
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage('A field cannot let 1.4 of the light pass');
        TestReading::throughFilters(self::setting(), 40, null, 1.4, null);
    }

    public function testBurnsThatEndBeforeTheLampIsUpAreRefused(): void
    {
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage('over before the lamp is up');
        new TestReading(self::setting(startLossS: 3.0), 10, null, 12, 2);
    }

    /** Imaged straight, a screen has its own term: tests through a film say less of it, and it is never the film’s. */
    public function testAScreenWithoutAFilmIsASettingOfItsOwn(): void
    {
        $straight = new Setting('T', LampKind::Led, 'E', EmulsionKind::DualCure, 100, false, film: Setting::WITHOUT_FILM, distanceMm: null, lampHours: 0);
        $test = new TestReading(self::setting(), 20, null, 22);
        $model = new ExposureModel([$test], [$straight, self::setting()]);
        self::assertGreaterThan(2 * 1.645 * 0.35, log($model->predict($straight)->highS / $model->predict($straight)->lowS));
        self::assertLessThan(0.35, log($model->predict(self::setting())->highS / $model->predict(self::setting())->lowS));
        self::assertSame('film', array_key_first($model->predict($straight)->shares));
    }

    public function testSharesSayWhatMakesATimeUnsureAndSumToOne(): void
    {
        $model = new ExposureModel([new TestReading(self::setting(), 20, null, 22)], [$asked = self::setting(dyed: true)]);
        $time = $model->predict($asked);
        self::assertEqualsWithDelta(1.0, array_sum($time->shares), 1e-9);
        self::assertSame('yellow mesh', array_key_first($time->shares));
        self::assertStringContainsString('unsure mostly by the yellow mesh', $time->says());
    }

    public function testTheSunDoesNotAgeAndAnLedHardly(): void
    {
        $aged = static fn (LampKind $kind): float => (new ExposureModel([], [
            $old = new Setting('L', $kind, 'E', null, 100, false, film: '', distanceMm: null, lampHours: 2000),
            $new = new Setting('L', $kind, 'E', null, 100, false, film: '', distanceMm: null, lampHours: 0),
        ]))->predict($old)->seconds / (new ExposureModel([], [$old, $new]))->predict($new)->seconds;
        self::assertEqualsWithDelta(1.0, $aged(LampKind::Sun), 1e-9);
        self::assertEqualsWithDelta(exp(0.04), $aged(LampKind::Led), 1e-9);
        self::assertEqualsWithDelta(exp(0.3), $aged(LampKind::Halogen), 1e-9);
        self::assertEqualsWithDelta(exp(0.6), $aged(LampKind::Mercury), 1e-9);
    }

    private static function setting(bool $dyed = false, float $startLossS = 0.0): Setting
    {
        return new Setting('T', LampKind::Led, 'E', EmulsionKind::DualCure, 100, $dyed, film: '', distanceMm: null, lampHours: 0, emulsionFactor: null, startLossS: $startLossS);
    }

    /** @param list<TestReading> $tests */
    private static function width(array $tests): float
    {
        $time = (new ExposureModel($tests, [self::setting()]))->predict(self::setting());

        return log($time->highS / $time->lowS);
    }
}
