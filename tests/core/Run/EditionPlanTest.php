<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Run;

use Ektype\Core\Run\Edition;
use Ektype\Core\Run\EditionPlan;
use Ektype\Core\Run\ImpossibleCount;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class EditionPlanTest extends TestCase
{
    private const PLATES = [1 => 'Sage', 2 => 'Sea', 3 => 'Ink'];

    /** Editions printed sheet by sheet with dice: they come out full in about nineteen of twenty, and one sheet less would not do. */
    public function testEnoughSheetsAreTorn(): void
    {
        $random = new Randomizer(new Mt19937(11));
        foreach ([[40, 4, 0.02], [12, 2, 0.05], [100, 10, 0.01]] as [$wanted, $proofs, $spoiled]) {
            $plan = EditionPlan::of(new Edition($proofs, stageProofs: true), $wanted, self::PLATES, [], $spoiled);
            self::assertSame(2, $plan->proofs);
            $full = $less = 0;
            for ($try = 0; $try < 4000; ++$try) {
                $came = 0;
                for ($sheet = 0; $sheet < $plan->sheets - $plan->proofs; ++$sheet) {
                    $whole = true;
                    for ($colour = 0; $colour < 3; ++$colour) {
                        $whole = $whole && $random->getInt(0, 999_999) / 1e6 >= $spoiled;
                    }
                    $came += $whole ? 1 : 0;
                    $less += $sheet === $plan->sheets - $plan->proofs - 2 && $came >= $wanted + $proofs ? 1 : 0;
                }
                $full += $came >= $wanted + $proofs ? 1 : 0;
            }
            self::assertGreaterThan(0.94 * 4000, $full, "$wanted");
            self::assertLessThan(0.96 * 4000, $less, "$wanted with one sheet less");
        }
        self::assertSame(40, EditionPlan::of(new Edition(), 40, self::PLATES, [], 0.0)->sheets, 'nothing is spoiled');
    }

    public function testNumbersAreWrittenUnderWhatCameThrough(): void
    {
        $numbers = static fn (int $good, bool $ended = true): EditionPlan => EditionPlan::of(new Edition(4), 40, self::PLATES, [], 0.02, $good, $ended);
        self::assertSame('', $numbers(0)->numbers);
        self::assertSame('1/40 to 40/40; A.P. 1/4 to 4/4; 3 without a number: trial sheets, or torn up', $numbers(47)->numbers);
        self::assertSame('1/40 to 40/40; A.P. 1/2 to 2/2', $numbers(42)->numbers);
        self::assertSame('1/37 to 37/37', $numbers(37)->numbers);
        self::assertStringContainsString('number them of 37, or print 7 more', implode(' ', $numbers(37)->says));
        self::assertStringNotContainsString('number them', implode(' ', $numbers(37, false)->says));
    }

    public function testInkIsMixedByWeightAndMuchRetarderIsSaid(): void
    {
        $plan = EditionPlan::of(new Edition(retarder: 0.08), 20, self::PLATES, [1 => 0.5, 2 => 1.5], 0.0);
        self::assertEqualsWithDelta([10 * 0.92, 10 * 0.08, 30 * 0.92, 0.0], [$plan->inks[0]->inkG, $plan->inks[0]->retarderG, $plan->inks[1]->inkG, $plan->inks[2]->retarderG], 1e-9);
        self::assertStringNotContainsString('tacky', implode(' ', $plan->says));
        self::assertStringContainsString('tacky', implode(' ', EditionPlan::of(new Edition(retarder: 0.15), 20, self::PLATES, [], 0.0)->says));
    }

    public function testAnEditionOfNothingIsRefused(): void
    {
        $this->expectException(ImpossibleCount::class);
        EditionPlan::of(new Edition(), 0, self::PLATES, [], 0.02);
    }
}
