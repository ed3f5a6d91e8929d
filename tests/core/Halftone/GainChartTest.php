<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Halftone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\GainChart;
use Ektype\Core\Halftone\ImpossibleDots;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use PHPUnit\Framework\TestCase;

final class GainChartTest extends TestCase
{
    public function testEveryFifthToneIsThereThriceAndNoPatchLiesOnAnother(): void
    {
        $patches = GainChart::patches();
        $tones = array_count_values(array_map(static fn ($p): int => $p->tonePct, $patches));
        ksort($tones);
        self::assertSame(array_fill_keys(range(0, 100, 5), 3), $tones);
        foreach ($patches as $i => $one) {
            self::assertTrue($one->xMm >= 0 && $one->xMm + GainChart::PATCH_MM <= GainChart::widthMm());
            self::assertTrue($one->yMm >= 0 && $one->yMm + GainChart::PATCH_MM <= GainChart::heightMm());
            foreach (\array_slice($patches, $i + 1) as $two) {
                self::assertTrue(abs($one->xMm - $two->xMm) > GainChart::PATCH_MM || abs($one->yMm - $two->yMm) > GainChart::PATCH_MM);
            }
        }
        // Copies of one tone lie in different rows of the sheet.
        $rows = [];
        foreach ($patches as $patch) {
            $rows[$patch->tonePct][] = $patch->yMm;
        }
        foreach ($rows as $tone => $of) {
            self::assertCount(3, array_unique($of), "$tone %");
        }
    }

    public function testEachPatchOfTheFilmHasItsTone(): void
    {
        $grid = ToneGrid::for(GainChart::widthMm(), 9600, 12_400, 600);
        $film = Screening::with(Supercell::for(600, 45, 22.5), Dot::Round, $grid->width)->film(GainChart::tones($grid), $grid->times, $grid->height);
        foreach (GainChart::patches() as $patch) {
            [$left, $top] = [(int) (($patch->xMm + 1) / 25.4 * 600), (int) (($patch->yMm + 1) / 25.4 * 600)];
            $size = (int) ((GainChart::PATCH_MM - 2) / 25.4 * 600);
            $set = 0;
            for ($y = $top; $y < $top + $size; ++$y) {
                for ($x = $left; $x < $left + $size; ++$x) {
                    $set += $film->isSet($x, $y) ? 1 : 0;
                }
            }
            self::assertEqualsWithDelta($patch->tonePct / 100, $set / $size ** 2, 0.012, "copy $patch->copy");
        }
    }

    public function testAFilmOfNoSizeIsRefused(): void
    {
        $this->expectException(ImpossibleDots::class);
        ToneGrid::for(0.1, 100, 100, 600);
    }

    public function testTonesAreReadFineEnough(): void
    {
        foreach ([[600.0, 2], [720.0, 2], [1200.0, 4], [1440.0, 4], [2400.0, 8], [300.0, 1]] as [$dpi, $times]) {
            $grid = ToneGrid::for(100, 400, 300, $dpi);
            self::assertSame($times, $grid->times, "$dpi dpi");
            self::assertGreaterThanOrEqual($grid->width, $grid->tonesAcross * $grid->times);
            self::assertGreaterThanOrEqual($grid->height, $grid->tonesDown * $grid->times);
        }
    }
}
