<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Separation\StrokeWidths;
use Ektype\Tests\Core\Separation\DrawnPlane;
use PHPUnit\Framework\TestCase;

/** The mesh follows what is thin for some length, not the points of stars and the corners of letters. */
final class TipsTest extends TestCase
{
    private const DPI = 600.0;

    /** A star of five points, bold everywhere but at its tips, beside a bar of 0.9 mm. */
    public function testTipsDoNotRuleTheMesh(): void
    {
        $star = static function (float $x, float $y): bool {
            [$dx, $dy] = [$x - 12, $y - 12];
            $a = fmod(atan2($dy, $dx) + 4 * \M_PI, 2 * \M_PI / 5) - \M_PI / 5;
            $r = hypot($dx, $dy);

            // Straight edges from the points at 10 mm to the hollows at 4 mm.
            return $r * (cos($a) * 0.809 + sin(abs($a)) * 0.588) < 4.0 / cos(\M_PI / 5) * 0.9 || $r < 3.6;
        };
        $bar = static fn (float $x, float $y): bool => $y > 25 && $y < 25.9 && $x > 2 && $x < 38;
        $finest = StrokeWidths::of(DrawnPlane::of(40, 30, self::DPI, static fn (float $x, float $y): bool => $star($x, $y) || $bar($x, $y)), self::DPI)->finestLineMm();
        self::assertEqualsWithDelta(0.9, $finest, 0.06);
    }

    /** A single hairline of eight millimetres is something that was drawn: it rules, however bold the rest is. */
    public function testALineOfSomeLengthRules(): void
    {
        $hair = static fn (float $x, float $y): bool => ($x > 5 && $x < 35 && $y > 4 && $y < 18) || ($x > 10 && $x < 18 && $y > 24 && $y < 24.2);
        self::assertEqualsWithDelta(0.2, StrokeWidths::of(DrawnPlane::of(40, 30, self::DPI, $hair), self::DPI)->finestLineMm(), 0.03);
    }

    /** Among metres of lines of 0.6 mm, a crumb of 0.25 mm and half a millimetre long is listed and does not rule. */
    public function testACrumbAmongManyLinesIsListedAndDoesNotRule(): void
    {
        $many = static fn (float $x, float $y): bool => (fmod($y, 2.0) < 0.6 && $x > 2 && $x < 38 && $y > 2 && $y < 26)
            || ($y > 28.2 && $y < 28.45 && $x > 20 && $x < 21.2);
        $strokes = StrokeWidths::of(DrawnPlane::of(40, 30, self::DPI, $many), self::DPI);
        self::assertEqualsWithDelta(0.6, $strokes->finestLineMm(), 0.04);
        self::assertLessThan(0.3, $strokes->lines[0]->widthMm, 'the crumb is on the list');
    }

    public function testABoldPlateHasNoFinestLine(): void
    {
        self::assertNull(StrokeWidths::of(DrawnPlane::of(30, 30, self::DPI, static fn (float $x, float $y): bool => hypot($x - 15, $y - 15) < 11), self::DPI)->finestLineMm());
    }
}
