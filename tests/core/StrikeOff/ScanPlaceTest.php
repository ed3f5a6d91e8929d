<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\StrikeOff\ScanPlace;
use Ektype\Core\StrikeOff\TargetShape;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\TestCase;

final class ScanPlaceTest extends TestCase
{
    /** Where a print turned anticlockwise by an angle and so large lies on a scan, worked out by hand: y goes down there. */
    private static function lies(Point $p, float $deg, float $perMm, bool $mirrored): Point
    {
        $x = ($mirrored ? -1 : 1) * $p->xMm;
        [$cos, $sin] = [cos(deg2rad($deg)), sin(deg2rad($deg))];

        return new Point(900 + $perMm * ($cos * $x - $sin * $p->yMm), 700 - $perMm * ($sin * $x + $cos * $p->yMm));
    }

    public function testTwoOrThreePlacesLayAPrintHoweverItLies(): void
    {
        $corners = [new Point(-50, 40), new Point(50, 40), new Point(50, -40)];
        $elsewhere = new Point(-13, 27);
        foreach ([0.0, 2.5, -3.0, 90.0, 181.0] as $deg) {
            foreach ([false, true] as $mirrored) {
                foreach ([2, 3] as $count) {
                    $from = \array_slice($corners, 0, $count);
                    $place = ScanPlace::of($from, array_map(static fn (Point $p): Point => self::lies($p, $deg, 11.8, $mirrored), $from), $mirrored);
                    self::assertNotNull($place);
                    self::assertEqualsWithDelta(0.0, $place->onScan($elsewhere)->to(self::lies($elsewhere, $deg, 11.8, $mirrored)), 1e-6, "{$deg}°, {$count} places");
                    self::assertSame($mirrored, $place->isMirrored());
                    self::assertEqualsWithDelta(11.8, $place->perMm()->xMm, 1e-9);
                    if (!$mirrored) {
                        self::assertEqualsWithDelta(1.0, cos(deg2rad($place->turnedDeg() - $deg)), 1e-9);
                    }
                }
            }
        }
    }

    /** Slopes of the shapes against differences of their ink. */
    public function testSlopesAreThoseOfTheInk(): void
    {
        $e = 1e-6;
        $seen = 0;
        foreach (TargetShape::cases() as $shape) {
            for ($i = 0; $i < 400; ++$i) {
                [$x, $y] = [sin($i * 1.7) * 2.3, cos($i * 2.3) * 2.3];
                [$ink, $right, $up, $wider] = $shape->ink($x, $y, 0.03);
                // At a kink a slope has two values.
                if (abs($shape->ink($x + 1e-4, $y, 0.03)[1] - $shape->ink($x - 1e-4, $y, 0.03)[1]) > 1 || abs($shape->ink($x, $y + 1e-4, 0.03)[2] - $shape->ink($x, $y - 1e-4, 0.03)[2]) > 1) {
                    continue;
                }
                $seen += (int) ($right !== 0.0 || $up !== 0.0);
                self::assertEqualsWithDelta(($shape->ink($x + $e, $y, 0.03)[0] - $ink) / $e, $right, 0.01);
                self::assertEqualsWithDelta(($shape->ink($x, $y + $e, 0.03)[0] - $ink) / $e, $up, 0.01);
                self::assertEqualsWithDelta(($shape->ink($x, $y, 0.03 + $e)[0] - $ink) / $e, $wider, 0.01);
            }
        }
        self::assertGreaterThan(40, $seen, 'many of the places lie on an edge');
    }
}
