<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\CureCautions;
use Ektype\Core\Press\CycleTime;
use PHPUnit\Framework\TestCase;

/** The sheet by the press warns of what this print can do, and of nothing else. */
final class CureCautionsTest extends TestCase
{
    public function testPlastisolOnCottonWithAFlash(): void
    {
        $all = implode(' ', CureCautions::of([InkKind::Plastisol], Substrate::Cotton, true));
        self::assertStringContainsString('never leave cloth under it', $all);
        self::assertStringContainsString('160 °C', $all);
        self::assertStringNotContainsString('Water-based', $all);
        self::assertStringNotContainsString('polyester', $all);
    }

    public function testWithoutAFlashNobodyIsWarnedOfOne(): void
    {
        self::assertStringNotContainsString('Flash', implode(' ', CureCautions::of([InkKind::Plastisol], Substrate::Cotton, false)));
    }

    public function testWaterOnCanvasDriesLonger(): void
    {
        self::assertStringContainsString('90 to 180 s', implode(' ', CureCautions::of([InkKind::WaterBased], Substrate::Canvas, false)));
    }

    public function testDyesWanderOnPolyesterAndBlends(): void
    {
        foreach ([Substrate::Polyester, Substrate::TriBlend] as $cloth) {
            self::assertStringContainsString('no hot stacks', implode(' ', CureCautions::of([InkKind::Plastisol], $cloth, false)));
        }
    }

    public function testSolventOnBoardsIsNotBakedButBurns(): void
    {
        $all = implode(' ', CureCautions::of([InkKind::Solvent], Substrate::Rigid, false));
        self::assertStringContainsString('no flame', $all);
        self::assertStringNotContainsString('°C', $all);
    }

    public function testPaperAsksForNoHeat(): void
    {
        self::assertSame([], CureCautions::of([InkKind::WaterBased], Substrate::Paper, false));
    }

    public function testAScreenMoreCostsItsSecondsAndAFlashItsOwn(): void
    {
        $one = CycleTime::seconds([1], 0);
        self::assertEqualsWithDelta(14 + 3 + 2.5, $one, 1e-9);
        self::assertEqualsWithDelta(3 + 2 * 2.5, CycleTime::seconds([1, 2], 0) - $one, 1e-9);
        self::assertEqualsWithDelta(7.0, CycleTime::seconds([1], 1) - $one, 1e-9);
        // All at once: platens go on in 2 s; loading’s 14 s set the pace, or a station of 3 + 6 × 2.5.
        self::assertEqualsWithDelta(2 + 14, CycleTime::atOnce([1, 2, 1], 1), 1e-9);
        self::assertEqualsWithDelta(2 + 18, CycleTime::atOnce([1, 6, 1], 1), 1e-9);
    }
}
