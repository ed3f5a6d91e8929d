<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use PHPUnit\Framework\TestCase;

/** A test that was read on one side only says “more than” or “less than”. */
final class OneSidedTest extends TestCase
{
    public function testABoundPullsItsOwnWayOnly(): void
    {
        $free = self::time([]);
        $more = self::time([new TestReading(self::setting(), 2 * $free->seconds, null, null)]);
        $less = self::time([new TestReading(self::setting(), null, null, $free->seconds / 2)]);
        self::assertGreaterThan(1.5 * $free->seconds, $more->seconds, 'under at twice the time: it takes longer');
        self::assertLessThan($free->seconds / 1.5, $less->seconds, 'over at half the time: it takes less');
        foreach ([$more, $less] as $time) {
            self::assertLessThan($free->highS / $free->lowS, $time->highS / $time->lowS, 'and it is known better');
        }
    }

    /** What was known already is learned again from neither side. */
    public function testABoundFarOffChangesLittle(): void
    {
        $free = self::time([]);
        self::assertEqualsWithDelta(
            0.0,
            log(self::time([new TestReading(self::setting(), $free->seconds / 60, null, null)])->seconds / $free->seconds),
            0.01,
        );
        self::assertEqualsWithDelta(
            0.0,
            log(self::time([new TestReading(self::setting(), null, null, 60 * $free->seconds)])->seconds / $free->seconds),
            0.01,
        );
    }

    /** A best strip without its neighbours leaves more open than the pair of limits. */
    public function testLimitsTellMoreThanABestStripAlone(): void
    {
        $best = self::time([new TestReading(self::setting(), null, 30.0, null)]);
        $limits = self::time([new TestReading(self::setting(), 28.0, 30.0, 32.0)]);
        self::assertLessThan(log($best->highS / $best->lowS), log($limits->highS / $limits->lowS));
        // The prior of lamp, emulsion and the two together is wide: the reading is nearly all that is known of them.
        self::assertEqualsWithDelta(log(30.0), log($limits->seconds), 0.02);
    }

    public function testAnOlderLampTakesLonger(): void
    {
        $asked = new Setting('L', LampKind::Tubes, 'E', EmulsionKind::Photopolymer, 100, false, film: '', distanceMm: null, lampHours: 1000.0);
        $new = new Setting('L', LampKind::Tubes, 'E', EmulsionKind::Photopolymer, 100, false, film: '', distanceMm: null, lampHours: 0.0);
        $model = new ExposureModel([], [$asked, $new]);
        self::assertEqualsWithDelta(exp(0.3), $model->predict($asked)->seconds / $model->predict($new)->seconds, 1e-9);
    }

    private static function setting(): Setting
    {
        return new Setting('L', LampKind::Led, 'E', EmulsionKind::Photopolymer, 100, false, film: '', distanceMm: null, lampHours: 0.0);
    }

    /** @param list<TestReading> $tests */
    private static function time(array $tests): \Ektype\Core\Exposure\PredictedTime
    {
        return (new ExposureModel($tests, [self::setting()]))->predict(self::setting());
    }
}
