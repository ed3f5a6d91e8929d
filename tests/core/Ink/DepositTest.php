<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use PHPUnit\Framework\TestCase;

final class DepositTest extends TestCase
{
    /** By hand: 77–55 passes 29.247 cm³/m²; 0.8 of it is 23.4 µm; 400 cm² × 23.4 µm = 0.936 cm³, × 1.25 g/cm³ × 96. */
    public function testGramsOfARun(): void
    {
        $deposit = new Deposit(new Mesh(77, 55), InkKind::Plastisol, Laying::Once, 12);
        self::assertEqualsWithDelta(23.398, $deposit->wetUm, 0.001);
        self::assertEqualsWithDelta(112.31, $deposit->grams(400, 96), 0.01);
        self::assertEqualsWithDelta(112.31 * 0.9 / 0.8, $deposit->grams(400, 96, $deposit->wetHighUm), 0.01);
        self::assertEqualsWithDelta(
            1.25,
            (new Deposit(new Mesh(77, 55), InkKind::Plastisol, Laying::Twice, 12))->wetUm / $deposit->wetUm,
            1e-9,
            'a second stroke adds a quarter',
        );
        self::assertEqualsWithDelta(23.398 + 0.6 * 12, $deposit->fineWetUm, 0.001);
    }

    public function testHidingFollowsTheInk(): void
    {
        $told = 0.93;
        self::assertEqualsWithDelta(
            $told,
            (new Deposit(new Mesh(61, 64), InkKind::Plastisol, Laying::Once, 0))->hiding($told),
            0.001,
            'as the shelf tells it',
        );
        // Twice the ink hides what is left twice: 1 − 0.07².
        $half = new Deposit(new Mesh(120, 34), InkKind::Plastisol, Laying::Once, 0);
        self::assertEqualsWithDelta(1 - 0.07 ** ($half->wetUm / 30.4), $half->hiding($told), 1e-9);
        $last = 1.0;
        foreach ([[43, 80], [61, 64], [77, 55], [120, 34], [165, 31]] as [$perCm, $thread]) {
            $hiding = (new Deposit(new Mesh($perCm, $thread), InkKind::Plastisol, Laying::Once, 0))->hiding($told);
            self::assertLessThan($last, $hiding);
            $last = $hiding;
        }
    }
}
