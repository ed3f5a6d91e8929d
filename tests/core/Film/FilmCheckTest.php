<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\FilmAsRead;
use Ektype\Core\Film\FilmCheck;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FilmCheckTest extends TestCase
{
    /** Half a tenth of a millimetre is the limit, whichever way the mark is off. */
    #[TestWith([0.048, 0.0, true])]
    #[TestWith([0.0, -0.048, true])]
    #[TestWith([0.052, 0.0, false])]
    #[TestWith([0.0, 0.052, false])]
    #[TestWith([-0.04, 0.04, false])]
    public function testTheToleranceIsKept(float $dx, float $dy, bool $inRegister): void
    {
        $plan = [new Point(20.0, 12.0), new Point(80.0, 12.0), new Point(50.0, 120.0)];
        $off = [$plan[0], new Point(80.0 + $dx, 12.0 + $dy), $plan[2]];
        $check = FilmCheck::of([new FilmAsRead('a', 100.0, 132.0, $plan), new FilmAsRead('b', 100.0, 132.0, $off)], $plan);
        self::assertSame($inRegister, $check->inRegister);
        self::assertEqualsWithDelta(hypot($dx, $dy), $check->worstMm, 0.001);
        self::assertSame($inRegister, $check->says === [] || !str_contains(implode(' ', $check->says), ' off'));
    }
}
