<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

use Ektype\Core\Advice\Care;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Run\LoadingGuide;
use Ektype\Core\Run\LookEvery;
use Ektype\Core\StrikeOff\Approval;
use Ektype\Core\StrikeOff\Judged;
use Ektype\Core\StrikeOff\Judgement;
use Ektype\Core\StrikeOff\UnusableApproval;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ApprovalTest extends TestCase
{
    public function testItIsApprovedWhenAllOfItHolds(): void
    {
        $all = array_map(static fn (Judged $one): Judgement => new Judgement($one, true), Judged::cases());
        $approval = new Approval('Ada', '2026-12-02', $all);
        self::assertTrue($approval->approved);
        self::assertSame([], $approval->says);
        foreach (Judged::cases() as $i => $one) {
            $off = new Approval('Ada', '2026-12-02', array_replace($all, [$i => new Judgement($one, false)]));
            self::assertFalse($off->approved, $one->value);
            self::assertSame([ucfirst($one->value).' is off. '.$one->again()], $off->says);
            self::assertNotSame('', $one->stage());
        }
        self::assertSame('films', Judged::Size->stage());
    }

    /** A millimetre of a small print, half a per cent of a large one; six millimetres of where it is loaded. */
    #[TestWith([Judged::Size, 100.0, 101.0, true])]
    #[TestWith([Judged::Size, 100.0, 98.9, false])]
    #[TestWith([Judged::Size, 400.0, 402.0, true])]
    #[TestWith([Judged::Size, 400.0, 402.1, false])]
    #[TestWith([Judged::Place, 75.0, 81.0, true])]
    #[TestWith([Judged::Place, 75.0, 68.9, false])]
    public function testWhatWasMeasuredIsHeldAgainstWhatWasReckoned(Judged $what, float $reckoned, float $measured, bool $holds): void
    {
        $approval = new Approval('Ada', '2026-12-02', [new Judgement($what, true, $measured, $reckoned)]);
        self::assertTrue($approval->approved, 'whoever stands for it decides');
        self::assertSame($holds, $approval->says === []);
        if (!$holds) {
            self::assertStringContainsString('approved all the same', $approval->says[0]);
            self::assertStringContainsString(\sprintf('%+.1f mm', $measured - $reckoned), $approval->says[0]);
        }
    }

    public function testSomebodyStandsForSomething(): void
    {
        foreach (['by' => ['  ', [new Judgement(Judged::Colour, true)]], 'judgements' => ['Ada', []]] as $on => [$by, $judged]) {
            try {
                new Approval($by, '2026-12-02', $judged);
                self::fail('refused');
            } catch (UnusableApproval $not) {
                self::assertSame($on, $not->on);
            }
        }
    }

    public function testTheGuideSaysWhereThePrintLies(): void
    {
        $guide = LoadingGuide::of(Substrate::Cotton, 290.0, 312.0, 20.0, -15.0);
        self::assertSame([60.0, -125.0, 165.0], [$guide->topMm, $guide->leftMm, $guide->rightMm]);
        self::assertStringContainsString('60 mm', $guide->says);
        self::assertStringContainsString('stops', LoadingGuide::of(Substrate::Paper, 290.0, 312.0, 0.0, 0.0)->says);
        self::assertSame([true, false, false], array_map(static fn (Substrate $on): bool => LoadingGuide::of($on, 290.0, 312.0, 0.0, 0.0)->collar, [Substrate::Cotton, Substrate::Canvas, Substrate::Paper]), 'a tote has no collar');
        self::assertSame([12, 24, 60], [LookEvery::pieces(Care::SideBySide), LookEvery::pieces(Care::Usual), LookEvery::pieces(Care::Giveaway)]);
    }
}
