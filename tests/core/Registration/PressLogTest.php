<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\Drag;
use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobPair;
use Ektype\Core\Registration\PressLog;
use Ektype\Core\Registration\UnusableKnob;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PressLogTest extends TestCase
{
    /** 200 presses whose knobs move otherwise than their profile says, with play: six corrections tell the pitch within 5 %. */
    public function testSixCorrectionsTellThePitch(): void
    {
        $random = new Randomizer(new Mt19937(6));
        $within = $play = 0;
        for ($press = 0; $press < 200; ++$press) {
            $true = 1.25 * exp(0.25 * self::normal($random));
            $lost = 0.12 * $random->getInt(0, 1000) / 1000;
            $pairs = [];
            $way = 0;
            for ($k = 0; $k < 6; ++$k) {
                $turns = (0.3 + $random->getInt(0, 700) / 1000) * ($random->getInt(0, 1) === 0 ? -1 : 1);
                $to = $turns <=> 0.0;
                $pairs[] = new KnobPair($turns, $turns * $true - ($way !== 0 && $to !== $way ? $to * $lost : 0.0) + 0.02 * self::normal($random));
                $way = $to;
            }
            $learned = PressLog::learn(self::knob(), $pairs, 0.02);
            $within += abs($learned->mmPerTurn / $true - 1) < 0.05 ? 1 : 0;
            $play += abs($learned->playMm - $lost) < 0.06 ? 1 : 0;
            self::assertFalse($learned->turnsTheOtherWay);
        }
        self::assertGreaterThan(185, $within);
        self::assertGreaterThan(160, $play);
    }

    public function testAKnobThatTurnsTheOtherWayIsNamed(): void
    {
        $learned = PressLog::learn(self::knob(), [new KnobPair(0.5, -0.6), new KnobPair(1.0, -1.25)]);
        self::assertTrue($learned->turnsTheOtherWay);
        self::assertStringContainsString('moves the other way than its profile says', $learned->says());
        $this->expectException(UnusableKnob::class);
        PressLog::learn(self::knob(), []);
    }

    /** 300 presses with a drag of their own, stiffer inks, other off-contacts: five strike-offs tell it within 0.03 mm. */
    public function testFiveStrikeOffsTellTheDrag(): void
    {
        $random = new Randomizer(new Mt19937(9));
        $off = [];
        $held = 0;
        for ($press = 0; $press < 300; ++$press) {
            $base = 0.08 + 0.07 * self::normal($random);
            $inks = ['white' => 0.05 * self::normal($random)];
            $drag = static fn (string $ink, float $mm, float $n): float => $base + $inks[$ink] + 0.02 * ($mm - 2.5) + 0.005 * (22 - $n);
            $log = [];
            for ($k = 0; $k < 5; ++$k) {
                [$mm, $n] = [1.6 + $random->getInt(0, 20) / 10, 16 + $random->getInt(0, 12)];
                $log[] = new DragSeen('white', $mm, $n, $drag('white', $mm, $n) + 0.03 * self::normal($random));
            }
            [$told, $reach] = (new Drag($log, 0.03))->of('white', 2.2, 24);
            $right = $drag('white', 2.2, 24);
            $off[] = abs($told - $right);
            $held += abs($told - $right) <= $reach ? 1 : 0;
        }
        sort($off);
        self::assertLessThan(0.03, $off[(int) (0.9 * 300)], 'nine of ten');
        self::assertEqualsWithDelta(0.93, $held / 300, 0.06);
    }

    /** Fitted at rest, a strike-off shows only how much more than the key a screen drags: that difference is learned, not the sum. */
    public function testFittedAtRestTheDifferenceToTheKeyIsLearned(): void
    {
        $random = new Randomizer(new Mt19937(21));
        $log = [];
        for ($k = 0; $k < 12; ++$k) {
            // Rust drags by 0.09 more than white, on the same screens.
            $log[] = new DragSeen('rust', 2.5, 22, 0.09 + 0.02 * self::normal($random), key: new DragSeen('white', 2.5, 22, 0.0));
        }
        $drag = new Drag($log, 0.03);
        [$rust, $white] = [$drag->of('rust', 2.5, 22)[0], $drag->of('white', 2.5, 22)[0]];
        self::assertEqualsWithDelta(0.09, $rust - $white, 0.02);
        self::assertEqualsWithDelta((new Drag([]))->of('any', 2.5, 22)[0], ($rust + $white) / 2, 0.01, 'of what they have in common it says nothing');
        self::assertGreaterThan(0.0, $drag->of('rust', 4.5, 22)[0] - $rust, 'higher off-contact drags more');
        [$more, $reach] = $drag->against(new DragSeen('rust', 2.5, 22, 0.0), new DragSeen('white', 2.5, 22, 0.0));
        self::assertEqualsWithDelta($rust - $white, $more, 1e-9);
        self::assertLessThan(0.04, $reach, 'the difference is known well');
        self::assertGreaterThan(0.1, $drag->of('rust', 2.5, 22)[1], 'what each drags by itself is not');
        self::assertSame([0.0, 0.0], $drag->against(new DragSeen('white', 2.5, 22, 0.0), new DragSeen('white', 2.5, 22, 0.0)), 'a screen like the key drags as it does');
    }

    public function testSetBackIsTheWholeDragOrTheDifferenceToTheKey(): void
    {
        self::assertEqualsWithDelta(0.12, Drag::setBack(0.12, null), 1e-12);
        self::assertEqualsWithDelta(0.04, Drag::setBack(0.12, 0.08), 1e-12);
    }

    private static function knob(): Knob
    {
        return new Knob('Left', new Point(-210, 330), new Point(0, 1), 1.25);
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000_000) / 1_000_000_001)) * cos(2 * \M_PI * $random->getInt(0, 1_000_000_000) / 1_000_000_000);
    }
}
