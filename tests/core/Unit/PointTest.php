<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Unit;

use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\TestCase;

final class PointTest extends TestCase
{
    public function testDistancesAreThoseOfPythagoras(): void
    {
        $a = new Point(3, 4);
        self::assertSame(5.0, $a->length());
        self::assertSame(13.0, $a->to(new Point(-2, 16)));
        self::assertSame($a->to(new Point(-2, 16)), (new Point(-2, 16))->to($a));
    }

    public function testThereAndBackIsWhereItWas(): void
    {
        $a = new Point(3.25, -4.5);
        $way = new Point(-1.75, 0.25);
        self::assertEquals(new Point(1.5, -4.25), $a->plus($way));
        self::assertEquals($a, $a->plus($way)->minus($way));
        self::assertEquals($way, $a->plus($way)->minus($a));
    }

    public function testRoundingLeavesNoNegativeNothing(): void
    {
        $rounded = (new Point(-0.0004, 1.23456))->rounded(2);
        self::assertSame('0', (string) $rounded->xMm, 'no “-0” on a screen');
        self::assertSame(1.23, $rounded->yMm);
        self::assertEquals(new Point(-0.001, 1.235), (new Point(-0.0009, 1.2346))->rounded(3));
    }

    /** A fault names the field where it was made, however deep that lies. */
    public function testARefusalIsNamedFromTheWholeDownToTheField(): void
    {
        $fault = UnreadableArt::at('width', 'Too wide.');
        self::assertSame(['width', 'Too wide.'], [$fault->on, $fault->getMessage()]);
        $deeper = $fault->within('films[2]')->within('set');
        self::assertSame(['set.films[2].width', 'Too wide.'], [$deeper->on, $deeper->getMessage()]);
        self::assertSame('films[0]', UnreadableArt::because('It breaks off.')->within('films[0]')->on);
        self::assertSame('', UnreadableArt::because('It breaks off.')->on);
    }

    public function testAFigureIsAnIntervalNineTimesInTenUnlessItSaysOtherwise(): void
    {
        $figure = new Figure(1.0, 'mm', Sign::Reckoned, 'geometry', 'as it lies');
        self::assertSame(['nine times in ten', null, null, ''], [$figure->between, $figure->low, $figure->high, $figure->text]);
    }
}
