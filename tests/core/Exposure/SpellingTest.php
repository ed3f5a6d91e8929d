<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Exposure;

use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Exposure\TimePart;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use PHPUnit\Framework\TestCase;

/** What somebody called by another case is the same thing; a mark called 1 is a mark. */
final class SpellingTest extends TestCase
{
    public function testALampIsTheSameWhateverItsCase(): void
    {
        $ask = self::setting('LED table', 'Dual 5');
        $same = (new ExposureModel([new TestReading(self::setting('LED table', 'Dual 5'), 10, 12, 14)], [$ask]))->predict($ask);
        foreach ([['led TABLE', 'DUAL 5'], [' LED table ', 'dual 5'], ['Led Table', 'Dual 5 ']] as [$lamp, $emulsion]) {
            $test = new TestReading(self::setting($lamp, $emulsion), 10, 12, 14);
            $told = (new ExposureModel([$test], [$ask]))->predict($ask);
            self::assertEqualsWithDelta([$same->seconds, $same->lowS, $same->highS], [$told->seconds, $told->lowS, $told->highS], 1e-9);
            self::assertSame([0], $told->restsOn);
            self::assertContains('lamp '.trim($lamp), array_map(static fn (TimePart $p): string => $p->name, $told->parts), 'called as it was spelled first');
        }
        $other = (new ExposureModel([new TestReading(self::setting('LED panel', 'Dual 5'), 10, 12, 14)], [$ask]))->predict($ask);
        self::assertNotEqualsWithDelta($same->seconds, $other->seconds, 0.5);
    }

    public function testMarksMayBeNamedWithDigits(): void
    {
        $readings = new Readings([
            [new Reading('1', -50, 80, 0.2, 0.1), new Reading('2', 50, 80, 0.3, 0.1)],
            [new Reading('1', -50, 80, 0.4, 0.1), new Reading('2', 50, 80, 0.1, 0.3)],
        ]);
        self::assertSame(['1', '2'], array_map(static fn (Reading $r): string => $r->mark, $readings->means));
        self::assertEqualsWithDelta([0.3, 0.2], array_map(static fn (Reading $r): float => $r->offXMm, $readings->means), 1e-12);
    }

    private static function setting(string $lamp, string $emulsion): Setting
    {
        return new Setting($lamp, LampKind::Led, $emulsion, EmulsionKind::DualCure, 95.0, false, film: '', distanceMm: null, lampHours: 0.0);
    }
}
