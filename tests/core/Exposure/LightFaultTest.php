<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\LightFault;
use Ektype\Core\Exposure\LikeScreens;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\SchoolSays;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Exposure\TimePart;
use PHPUnit\Framework\TestCase;

final class LightFaultTest extends TestCase
{
    /** Each fault from what was seen to its cause, and the number that mends it on this very screen. */
    public function testWhatWasSeenLeadsToCauseAndRemedy(): void
    {
        $time = new PredictedTime(20.0, 17.0, 24.0, [0], []);
        $of = static fn (SinkCheck $seen, float $burned, bool $damp = false, float $penumbra = 0.01, ?float $density = 4.0): array => array_map(static fn (LightFault $f): array => [$f->cause, $f->remedy], LightFault::of($seen, $time, $burned, $damp, $penumbra, $density));
        self::assertSame([], $of(new SinkCheck(), 20));
        [$cause, $remedy] = $of(new SinkCheck(scum: true), 15)[0];
        self::assertSame('Too little light', $cause);
        self::assertStringContainsString('Burn the next at 20 s', $remedy);
        [$cause, $remedy] = $of(new SinkCheck(scum: true), 22)[0];
        self::assertStringContainsString('24 s, a tenth more, and test this lamp anew', $remedy, 'slime on a proven time: the lamp fades');
        self::assertSame('Damp', $of(new SinkCheck(scum: true), 20, damp: true)[0][0]);
        [$cause, $remedy] = $of(new SinkCheck(closedLines: true), 30)[0];
        self::assertSame('Too much light', $cause);
        self::assertStringContainsString('Burn the next at 20 s', $remedy);
        [$cause, $remedy] = $of(new SinkCheck(closedLines: true), 20, density: 2.3)[0];
        self::assertSame('Weak film', $cause);
        self::assertStringContainsString('that makes 4.6', $remedy);
        self::assertStringContainsString('17 s', $remedy);
        self::assertSame(['Too much light', 'Contact'], array_column($of(new SinkCheck(closedLines: true), 20, penumbra: 0.2), 0));
        self::assertSame('Contact', $of(new SinkCheck(blur: true), 20)[0][0]);
        self::assertSame(['Uneven coat, or damp and weak film together'], array_column($of(new SinkCheck(scum: true, closedLines: true), 20), 0));
        self::assertSame('Dust', $of(new SinkCheck(pinholes: true), 20)[0][0]);
    }

    /** Screens on like mesh share a time that lies within an eighth of each; yellow and white never do. */
    public function testLikeScreensGoUnderTheLampTogether(): void
    {
        $setting = static fn (bool $dyed, string $lamp = 'L'): Setting => new Setting($lamp, null, 'E', null, 100, $dyed, film: '', distanceMm: null, lampHours: 0);
        $time = static fn (float $s): PredictedTime => new PredictedTime($s, $s / 1.2, 1.2 * $s, [], []);
        $batches = LikeScreens::of(
            [$setting(true), $setting(false), $setting(true), $setting(true), $setting(true, 'M')],
            [$time(20), $time(21), $time(22), $time(40), $time(20)],
        );
        $sets = array_map(static fn (LikeScreens $b): array => $b->screens, $batches);
        self::assertContainsEquals([2, 0], $sets);
        self::assertCount(4, $sets);
        foreach ($batches as $batch) {
            if ($batch->screens === [2, 0]) {
                self::assertEqualsWithDelta(sqrt(20 * 22), $batch->seconds, 1e-9);
            }
        }
    }

    public function testEachSchoolSaysItsTimeAndWhy(): void
    {
        $setting = new Setting('L', null, 'E', null, 100, true, film: '', distanceMm: null, lampHours: 0);
        $time = new PredictedTime(26.0, 22.0, 31.0, [0], [new TimePart('yellow mesh', 1.3, 10, false)]);
        $schools = SchoolSays::of($time, $setting, 0.1);
        self::assertSame([26.0, 31.0, 20.0], array_map(static fn (SchoolSays $s): float => $s->seconds, $schools));
        self::assertStringContainsString('up to 0.05 mm at each edge', $schools[1]->why);
    }
}
