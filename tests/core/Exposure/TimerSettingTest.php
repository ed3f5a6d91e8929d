<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\LightFigure;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TimePart;
use Ektype\Core\Exposure\TimerSetting;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One figure for a time, wherever it stands. */
final class TimerSettingTest extends TestCase
{
    #[DataProvider('times')]
    public function testATimeStandsAsATimerIsSetToIt(float $reckoned, float $seconds, string $words): void
    {
        self::assertSame($seconds, TimerSetting::seconds($reckoned));
        self::assertSame($words, TimerSetting::words($reckoned));
    }

    /** @return iterable<array{float, float, string}> */
    public static function times(): iterable
    {
        yield [0.1, 0.5, '0.5 s'];
        yield [8.2, 8.0, '8 s'];
        yield [8.3, 8.5, '8.5 s'];
        yield [9.9, 10.0, '10 s'];
        yield [21.6, 22.0, '22 s'];
        yield [89.4, 89.0, '89 s'];
        yield [127.4, 125.0, '2 min 05 s'];
        yield [300.0, 300.0, '5 min 00 s'];
    }

    public function testSetToATimerNoTimeMovesByMoreThanItsStep(): void
    {
        for ($s = 1.0; $s < 600; $s += 0.37) {
            self::assertLessThanOrEqual($s < 10 ? 0.25001 : ($s < 90 ? 0.50001 : 2.50001), abs(TimerSetting::seconds($s) - $s));
        }
    }

    public function testATimeThatRestsOnNoTestLooksLikeOne(): void
    {
        $setting = new Setting('LED', null, 'Dual-cure', null, 100.0, false, film: '', distanceMm: null, lampHours: 0);
        $guess = LightFigure::of(new PredictedTime(21.6, 10.2, 45.7, [], []), $setting, 'trade default', null);
        self::assertSame('≈ 22 s', $guess->text);
        $tested = LightFigure::of(new PredictedTime(21.6, 19.0, 24.5, [0], []), $setting, '1 step test of this shop', null);
        self::assertSame('', $tested->text);
        self::assertSame(22.0, $tested->value);
        $burned = LightFigure::of(new PredictedTime(21.6, 10.2, 45.7, [], []), $setting, 'trade default', 21.5);
        self::assertSame(['', 21.5], [$burned->text, $burned->value], 'what was really given is not rounded');
    }

    public function testAWideTermIsSaidAsWhatItDoes(): void
    {
        self::assertStringContainsString('could be half or double', (new TimePart('lamp', 15, 70, true))->words());
        self::assertStringContainsString('give or take 8 %', (new TimePart('yellow mesh', 1.6, 8, false))->words());
    }
}
