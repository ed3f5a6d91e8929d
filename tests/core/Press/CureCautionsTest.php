<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\CureCautions;
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
        $all = implode(' ', CureCautions::of([InkKind::WaterBased], Substrate::Paper, false));
        self::assertStringContainsString('dries in the rack', $all);
        self::assertStringNotContainsString('°C', $all);
    }
}
