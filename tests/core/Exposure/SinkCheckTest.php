<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\SinkCheck;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SinkCheckTest extends TestCase
{
    public function testWhatIsSeenMovesTheTimeTheRightWay(): void
    {
        $setting = self::setting(110);
        $plain = (new ExposureModel([], [$setting]))->predict($setting)->seconds;
        $after = static function (SinkCheck $check) use ($setting, $plain): ?float {
            $reading = $check->reading($setting, $plain);

            return $reading === null ? null : (new ExposureModel([$reading], [$setting]))->predict($setting)->seconds;
        };
        self::assertGreaterThan(1.1 * $plain, $after(new SinkCheck(scum: true)));
        self::assertGreaterThan(1.1 * $plain, $after(new SinkCheck(lostDots: true)));
        self::assertLessThan($plain / 1.1, $after(new SinkCheck(closedLines: true)));
        self::assertEqualsWithDelta($plain, $after(new SinkCheck()), 1e-3, 'clean: it was right');
        foreach ([
            new SinkCheck(blur: true),
            new SinkCheck(blur: true, scum: true),
            new SinkCheck(pinholes: true),
            new SinkCheck(scum: true, closedLines: true),
        ] as $tellsNothing) {
            self::assertNull($after($tellsNothing));
        }
    }

    public function testWhatIsSaidFitsWhatIsLearned(): void
    {
        foreach (range(0, 31) as $bits) {
            $check = new SinkCheck(($bits & 1) > 0, ($bits & 2) > 0, ($bits & 4) > 0, ($bits & 8) > 0, ($bits & 16) > 0);
            $reading = $check->reading(self::setting(100), 20.0);
            $says = $check->says;
            self::assertNotSame('', $says);
            self::assertSame($reading?->lowS === 20.0, str_contains($says, 'Too little light, or'), $says);
            self::assertSame($reading?->highS === 20.0, str_contains($says, 'Too much light:'), $says);
            self::assertSame($bits === 0, $check->words() === 'clean and open');
            self::assertSame($bits === 0 || $bits === 2, $check->canPrint, 'pinholes can be blocked out');
        }
    }

    /** A shop whose true times are known and that only looks at its screens: the interval still holds nine in ten. */
    public function testChecksAloneBringTheTimeNear(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $inside = 0;
        $before = $later = 0.0;
        for ($shop = 0; $shop < 200; ++$shop) {
            // Truth drawn from the priors: lamp 0.9, emulsion 0.5.
            $truth = 15 * exp(0.6 + 0.9 * self::normal($random) + 0.5 * self::normal($random));
            $setting = self::setting(100);
            $readings = [];
            for ($screen = 0; $screen < 8; ++$screen) {
                $burned = (new ExposureModel($readings, [$setting]))->predict($setting)->seconds;
                $before += $screen === 0 ? abs(log($burned / $truth)) : 0;
                // The stencil shows too little or too much beyond its latitude.
                $off = log($burned / $truth) + 0.05 * self::normal($random);
                $reading = (new SinkCheck(scum: $off < -log(SinkCheck::LATITUDE), closedLines: $off > log(SinkCheck::LATITUDE)))->reading(
                    $setting,
                    $burned,
                );
                if ($reading !== null) {
                    $readings[] = $reading;
                }
            }
            $told = (new ExposureModel($readings, [$setting]))->predict($setting);
            $later += abs(log($told->seconds / $truth));
            $inside += $truth >= $told->lowS / SinkCheck::LATITUDE && $truth <= $told->highS * SinkCheck::LATITUDE ? 1 : 0;
        }
        self::assertLessThan(0.3 * $before, $later, 'eight looks bring the time within the latitude');
        self::assertGreaterThan(0.9 * 200, $inside);
    }

    private static function setting(float $thicknessUm): Setting
    {
        return new Setting('LED', LampKind::Led, 'A', EmulsionKind::DualCure, $thicknessUm, false, film: '', distanceMm: null, lampHours: 0);
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000) / 1_000_001)) * cos(2 * \M_PI * $random->getInt(0, 999_999) / 1_000_000);
    }
}
