<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Cure;

use Ektype\Core\Cure\CureLearned;
use Ektype\Core\Cure\CurePlan;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Cure\HeatLimit;
use Ektype\Core\Cure\ImpossibleCure;
use Ektype\Core\Cure\WearTest;
use Ektype\Core\Cure\WearVerdict;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CureLearnedTest extends TestCase
{
    public function testAPrintThatFailsMovesTheLimitAtOnceAndThreeThatHoldMayLowerIt(): void
    {
        $trade = CureNeed::plastisol();
        self::assertEquals($trade, CureLearned::need($trade, Vehicle::Oil, []));
        self::assertSame(159.0, CureLearned::need($trade, Vehicle::Oil, [self::test(154, WearVerdict::Cracked)])->leastC);
        self::assertEquals($trade, CureLearned::need($trade, Vehicle::Oil, [self::test(154, WearVerdict::Cracked, Vehicle::Water)]), 'another kind of ink');
        // Hot enough, and not long enough: it is held longer.
        $short = CureLearned::need($trade, Vehicle::Oil, [self::test(158, WearVerdict::WashedOff, overS: 4.0 + 0.6)]);
        self::assertSame([150.0, 1.3 * 4.6], [$short->leastC, $short->holdS]);

        $held = static fn (float ...$peaks): array => array_map(static fn (float $c): WearTest => self::test($c, WearVerdict::Held), array_values($peaks));
        self::assertSame(150.0, CureLearned::need($trade, Vehicle::Oil, $held(135, 138))->leastC, 'two are not enough');
        self::assertSame(140.0, CureLearned::need($trade, Vehicle::Oil, $held(135, 138, 140))->leastC);
        self::assertSame(125.0, CureLearned::need($trade, Vehicle::Oil, $held(100, 101, 102))->leastC, 'never so far below the trade');
        self::assertSame(143.0, CureLearned::need($trade, Vehicle::Oil, [...$held(135, 138, 140), self::test(138, WearVerdict::Cracked)])->leastC, 'what failed counts more');
        self::assertSame(150.0, CureLearned::need($trade, Vehicle::Oil, [self::test(135, WearVerdict::Held, washes: 0), ...$held(135, 136)])->leastC, 'stretched only lowers nothing');
        self::assertLessThanOrEqual($trade->mostC, CureLearned::need($trade, Vehicle::Oil, [self::test(174, WearVerdict::Cracked)])->leastC);
    }

    public function testWhatScorchedIsNotMadeSoHotAgainAndThePlanKeepsToIt(): void
    {
        $usual = HeatLimit::of(Substrate::Cotton);
        $tests = [self::test(160, WearVerdict::Scorched, surfaceC: 171), self::test(160, WearVerdict::Ghosted, surfaceC: 176), self::test(160, WearVerdict::Cracked, surfaceC: 120)];
        self::assertSame(166.0, CureLearned::limit($usual, Substrate::Cotton, $tests)->celsius);
        self::assertSame($usual, CureLearned::limit($usual, Substrate::Polyester, $tests), 'another cloth');
        self::assertSame($usual, CureLearned::limit($usual, Substrate::Cotton, [self::test(160, WearVerdict::Scorched, surfaceC: 200)]), 'it bore less already');
        $plan = CurePlan::of(new Dryer(), 40.0, Substrate::Cotton, CureNeed::plastisol());
        self::assertTrue($plan->cures);
        $kept = CurePlan::of(new Dryer(), 40.0, Substrate::Cotton, CureNeed::plastisol(), tests: [self::test(160, WearVerdict::Scorched, surfaceC: $plan->curve->surfaceC + 1)]);
        self::assertFalse($kept->cures);
        self::assertStringContainsString('In this shop', implode(' ', $kept->says));
    }

    /** Shops whose ink truly cures from some heat on; after their tests the limit is never where a print still cracks. */
    public function testTheLimitEndsOnTheSafeSideOfTheTruth(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $below = 0;
        for ($shop = 0; $shop < 200; ++$shop) {
            $true = $random->getInt(128000, 168000) / 1000;
            $tests = [];
            for ($i = 0; $i < 14; ++$i) {
                $peak = $random->getInt(125000, 170000) / 1000;
                $tests[] = self::test($peak, $peak < $true ? WearVerdict::Cracked : WearVerdict::Held);
            }
            $least = CureLearned::need(CureNeed::plastisol(), Vehicle::Oil, $tests)->leastC;
            $below += $least < $true - 3 ? 1 : 0;
        }
        self::assertLessThan(20, $below, 'at most one shop in ten ends more than 3 °C below the truth');
    }

    public function testTheSentencesSayWhatMoved(): void
    {
        $trade = CureNeed::plastisol();
        $usual = HeatLimit::of(Substrate::Cotton);
        self::assertStringContainsString('the trade’s', CureLearned::says($trade, $trade, $usual, $usual, [])[0]);
        $tests = [self::test(154, WearVerdict::Cracked), self::test(160, WearVerdict::Scorched, surfaceC: 170)];
        $says = implode(' ', CureLearned::says($trade, CureLearned::need($trade, Vehicle::Oil, $tests), $usual, CureLearned::limit($usual, Substrate::Cotton, $tests), $tests));
        self::assertStringContainsString('from 159 °C on, in place of 150', $says);
        self::assertStringContainsString('bears 165 °C at its skin, in place of 182', $says);
        self::assertStringContainsString('no limit moved', CureLearned::says($trade, $trade, $usual, $usual, $tests)[0]);
    }

    public function testATestOfNothingIsRefused(): void
    {
        $this->expectException(ImpossibleCure::class);
        self::test(20, WearVerdict::Held);
    }

    private static function test(float $peakC, WearVerdict $verdict, Vehicle $vehicle = Vehicle::Oil, float $overS = 9.0, float $surfaceC = 160.0, int $washes = 5): WearTest
    {
        return new WearTest($vehicle, Substrate::Cotton, $peakC, $overS, $surfaceC, $verdict, $washes);
    }
}
