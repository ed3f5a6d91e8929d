<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterSlot;
use Ektype\Core\StrikeOff\FoundPlace;
use Ektype\Core\StrikeOff\ReadTargets;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\StripPlate;
use Ektype\Core\StrikeOff\UnreadableStrikeOff;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A small strip of one plate on drawn scans: where it is found is where it was drawn, among other round things. */
final class FoundPlaceTest extends TestCase
{
    private const PPI = 200.0;
    private const NAVY = [28, 35, 64];
    private const WHITE = [244, 242, 234];
    private const RUST = [179, 54, 43];

    #[Group('long')]
    public function testItIsFoundAskewAmongRoundThings(): void
    {
        mt_srand(11);
        foreach ([0.0, 2.8, -2.1, 180.0] as $deg) {
            $scan = self::drawn($deg, 1.0);
            for ($i = 0; $i < 12; ++$i) {
                // Dots of the art, some as large as a spot, and a bar of it.
                $scan->disc(24 + mt_rand(0, 160) / 10, 22 + mt_rand(0, 90) / 10, mt_rand(8, 16) / 10, self::WHITE);
            }
            $place = FoundPlace::of($scan->scan(), self::plan(), self::way());
            self::assertNotNull($place, "{$deg}°");
            foreach (self::plan()->slots as $slot) {
                self::assertEqualsWithDelta(0.0, $place->onScan($slot->at)->to(self::pixel($slot->at, $deg, 1.0)) * 25.4 / self::PPI, 0.06, "{$deg}°, {$slot->corner}");
            }
        }
    }

    public function testAScanOfAnotherSizeIsFoundWithinLimitsOnly(): void
    {
        self::assertNotNull(FoundPlace::of(self::drawn(1.0, 1.025)->scan(), self::plan(), self::way()));
        self::assertNull(FoundPlace::of(self::drawn(1.0, 1.08)->scan(), self::plan(), self::way()), 'that is another print');
    }

    public function testSpotsWithoutRingsAreNoStrip(): void
    {
        $scan = self::scan();
        foreach (self::plan()->spots as $spot) {
            $at = self::mm($spot, 0.0, 1.0);
            $scan->disc($at->xMm, $at->yMm, 1.5, self::WHITE);
        }
        self::assertNull(FoundPlace::of($scan->scan(), self::plan(), self::way()));
    }

    public function testTheMisfitIsThatOfTheCrossAgainstTheRing(): void
    {
        $told = [];
        $read = ReadTargets::on(self::drawn(1.4, 1.0, new Point(0.32, -0.18))->scan(), self::plan(), static function (float $share) use (&$told): void {
            $told[] = $share;
        });
        $grown = $told;
        sort($grown);
        self::assertSame($grown, $told, 'the share that is read only grows');
        self::assertNotSame([], $told);
        self::assertGreaterThan(0.0, $told[0]);
        self::assertLessThan(1.0, end($told));
        self::assertCount(3, $read->readings(1));
        foreach ($read->readings(1) as $reading) {
            self::assertEqualsWithDelta(0.32, $reading->offXMm, 0.02, $reading->mark);
            self::assertEqualsWithDelta(-0.18, $reading->offYMm, 0.02, $reading->mark);
        }
        self::assertEqualsWithDelta(1.4, $read->turnedDeg, 0.1);
        self::assertSame([], $read->says);
    }

    public function testACoarseScanIsRefused(): void
    {
        $this->expectException(UnreadableStrikeOff::class);
        $this->expectExceptionMessage('150 pixels an inch, too coarse');
        ReadTargets::on((new DrawnScan(60, 60, 150.0, self::NAVY))->scan(), self::plan());
    }

    private static function plan(): StripPlan
    {
        $slots = $spots = [];
        foreach (['top left' => [-1, 1], 'top right' => [1, 1], 'bottom right' => [1, -1]] as $corner => [$right, $up]) {
            $spots[$corner] = new Point(22.0 * $right, 15.0 * $up);
            $slots[] = new RegisterSlot($corner, 1, new Point(16.0 * $right, 15.0 * $up));
        }

        return new StripPlan([new StripPlate('White', new Srgb(...self::WHITE)), new StripPlate('Rust', new Srgb(...self::RUST))], new Srgb(...self::NAVY), $slots, $spots, [], 0);
    }

    private static function scan(): DrawnScan
    {
        return new DrawnScan((int) (66 / 25.4 * self::PPI), (int) (52 / 25.4 * self::PPI), self::PPI, self::NAVY, 12);
    }

    /** The strip turned and so large, its crosses off by as much as is told in the print’s own axes. */
    private static function drawn(float $deg, float $scale, ?Point $off = null): DrawnScan
    {
        $scan = self::scan();
        foreach (self::plan()->spots as $spot) {
            $at = self::mm($spot, $deg, $scale);
            $scan->disc($at->xMm, $at->yMm, 1.5, self::WHITE);
        }
        foreach (self::plan()->slots as $slot) {
            $at = self::mm($slot->at, $deg, $scale);
            $scan->ring($at->xMm, $at->yMm, self::WHITE);
            if ($off !== null) {
                $to = self::mm($slot->at->plus($off), $deg, $scale);
                $scan->cross($to->xMm, $to->yMm, self::RUST);
            }
        }

        return $scan;
    }

    /** Millimetres of the scan from its top left corner. */
    private static function mm(Point $print, float $deg, float $scale): Point
    {
        [$cos, $sin] = [cos(deg2rad($deg)), sin(deg2rad($deg))];

        return new Point(33.0 + $scale * ($cos * $print->xMm - $sin * $print->yMm), 26.0 - $scale * ($sin * $print->xMm + $cos * $print->yMm));
    }

    private static function pixel(Point $print, float $deg, float $scale): Point
    {
        $mm = self::mm($print, $deg, $scale);

        return new Point($mm->xMm * self::PPI / 25.4, $mm->yMm * self::PPI / 25.4);
    }

    /** @return array{float, float, float} */
    private static function way(): array
    {
        $way = [self::WHITE[0] - self::NAVY[0], self::WHITE[1] - self::NAVY[1], self::WHITE[2] - self::NAVY[2]];
        $long = sqrt($way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2);

        return [$way[0] / $long, $way[1] / $long, $way[2] / $long];
    }
}
