<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Lamp;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Lamp\Contact;
use Ektype\Core\Lamp\Drift;
use Ektype\Core\Lamp\DriftPoints;
use Ektype\Core\Lamp\LampDistance;
use Ektype\Core\Lamp\Penumbra;
use Ektype\Core\Lamp\StartLoss;
use Ektype\Core\Lamp\UnusableLamp;
use PHPUnit\Framework\TestCase;

final class LampTest extends TestCase
{
    /** A source 120 mm wide, 600 mm off, through a gap of a quarter of a millimetre: similar triangles. */
    public function testLightThroughAGapEatsEdges(): void
    {
        $penumbra = new Penumbra(0.25, 120, 600);
        self::assertEqualsWithDelta(0.05, $penumbra->mm, 1e-12);
        self::assertEqualsWithDelta(0.025, $penumbra->chokeMm(), 1e-12);
        self::assertLessThan($penumbra->mm, (new Penumbra(0.25, 120, 1200))->mm, 'further off it is sharper');
        self::assertLessThan((new Penumbra(Contact::Loose->gapMm(), 120, 600))->mm, (new Penumbra(Contact::Vacuum->gapMm(), 120, 600))->mm);
        self::assertStringContainsString('nothing is eaten', (new Penumbra(Contact::WithoutFilm->gapMm(), 120, 600))->says());
    }

    /** Against summing up rays: light from a point on a tilted patch, by its solid angle. */
    public function testLightFallsOffTowardsTheCornersAsRaysDo(): void
    {
        foreach ([[600.0, 0.0], [600.0, 250.0], [900.0, 400.0]] as [$distance, $off]) {
            $patch = 0.1;
            $angle = static function (float $x) use ($distance, $patch): float {
                // Solid angle of a small square at x: area × cos / way².
                $way = hypot($distance, $x);

                return $patch ** 2 * ($distance / $way) / $way ** 2;
            };
            self::assertEqualsWithDelta($angle($off) / $angle(0.0), LampDistance::light($distance, $off), 1e-12);
        }
    }

    public function testTheChosenDistanceIsTheNearestThatIsEven(): void
    {
        $chosen = LampDistance::choose(350, 450, 600, 60, 0.02, 100);
        $half = hypot(350, 450) / 2;
        self::assertGreaterThanOrEqual(0.8, $chosen->corner);
        self::assertLessThan(0.8, LampDistance::light($chosen->distanceMm - 50, $half));
        self::assertEqualsWithDelta(60 * ($chosen->distanceMm / 600) ** 2, $chosen->seconds, 1e-9, 'twice as far, four times as long');
        $this->expectException(UnusableLamp::class);
        $this->expectExceptionMessage('lie on the glass');
        LampDistance::choose(350, 450, 0.5, 60, 0.02, 100);
    }

    /** Ten burns of 5 s under a lamp that loses 0.5 s look like one of 45.5 s. */
    public function testShortBurnsTellTheStartLoss(): void
    {
        self::assertEqualsWithDelta(0.5, StartLoss::of(45.5, 5, 10), 1e-12);
        self::assertEqualsWithDelta(0.0, StartLoss::of(50, 5, 10), 1e-12);
        foreach ([[50.0, 5.0, 1], [80.0, 5.0, 10], [2.0, 5.0, 10]] as [$long, $short, $burns]) {
            try {
                StartLoss::of($long, $short, $burns);
                self::fail('Taken: '.$long);
            } catch (UnusableLamp $no) {
                self::assertNotSame('', $no->getMessage());
            }
        }
    }

    /** Tubes that fade by a third in a thousand hours, tested every 250 h. */
    public function testTheDriftOfATubeBoxIsSeenAndATestFallsDue(): void
    {
        $tests = [];
        for ($hours = 0; $hours <= 2000; $hours += 250) {
            $right = 200 * exp(0.3 * $hours / 1000) * (1 + 0.02 * (($hours / 250) % 3 - 1));
            $tests[] = new TestReading(self::tubes($hours), 0.95 * $right, null, 1.05 * $right);
        }
        $asked = [self::tubes(2050), self::tubes(2400), ...array_map(static fn (TestReading $t): Setting => $t->setting->withHours(0), $tests)];
        $model = new ExposureModel($tests, $asked);
        $drift = Drift::of($model, DriftPoints::of($model, $tests, self::tubes(2050)->lamp), self::tubes(2050));
        self::assertCount(9, $drift->points);
        self::assertEqualsWithDelta(0.3, $drift->perThousandH, 0.06);
        foreach ($drift->points as $point) {
            self::assertEqualsWithDelta(exp(0.3 * $point->hours / 1000), $point->factor, 0.12);
        }
        $between = $drift->between(1000);
        self::assertTrue($between->from < exp(0.3) && exp(0.3) < $between->to);
        self::assertSame('', $drift->due, 'fifty hours are no age');
        self::assertStringContainsString('400 h since its last test', Drift::of($model, DriftPoints::of($model, $tests, self::tubes(2400)->lamp), self::tubes(2400))->due);
    }

    public function testALampWithoutTestsIsDue(): void
    {
        $model = new ExposureModel([], [self::tubes(10)]);
        self::assertStringContainsString('No step test under this lamp yet', Drift::of($model, DriftPoints::of($model, [], self::tubes(10)->lamp), self::tubes(10))->due);
    }

    private static function tubes(float $hours): Setting
    {
        return new Setting('Box', LampKind::Tubes, 'E', EmulsionKind::DualCure, 100, false, film: '', distanceMm: null, lampHours: $hours);
    }
}
