<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\Holding;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\TestCase;

/**
 * By hand: 77–55 has a pitch of 10/77 = 0.130 mm, and two threads and an opening of 0.055 + 0.130 = 0.185 mm. A film printer
 * of 600 dpi draws 0.102 mm, one of 300 dpi 0.203 mm.
 */
final class HoldingTest extends TestCase
{
    public function testTheCoarserOfMeshAndFilmLimits(): void
    {
        $fine = new Holding(new Mesh(77, 55), 600, 0.3, 0.3, [], [], canThicken: true);
        self::assertSame([0.13, 0.185], [$fine->holdsLineMm, $fine->holdsGapMm]);
        $coarse = new Holding(new Mesh(77, 55), 300, 0.3, 0.3, [], [], canThicken: true);
        self::assertSame([0.203, 0.203], [$coarse->holdsLineMm, $coarse->holdsGapMm]);
    }

    public function testWhatHoldsAsksForNothing(): void
    {
        $all = new Holding(new Mesh(77, 55), 600, 0.14, 0.19, [new ThinPlace(1, 1, 0.14, 5)], [new ThinPlace(1, 1, 0.19, 5)], canThicken: true);
        self::assertSame(0, $all->atRisk);
        self::assertSame([], $all->remedies);
        self::assertNull($all->thickenToMm);
        self::assertSame([Sign::Reckoned, Sign::Reckoned], [$all->line->sign, $all->gap->sign]);
        self::assertSame('all bold', (new Holding(new Mesh(77, 55), 600, null, null, [], [], canThicken: true))->line->text);
    }

    public function testTheThinnestIsShownFirstAndEachIsCounted(): void
    {
        $lines = array_map(static fn (int $i): ThinPlace => new ThinPlace($i, 0, 0.05 + ($i * 7 % 60) / 1000, 1), range(0, 59));
        $holding = new Holding(
            new Mesh(77, 55),
            600,
            0.05,
            0.15,
            [...$lines, new ThinPlace(0, 0, 0.2, 1)],
            [new ThinPlace(9, 9, 0.15, 2)],
            canThicken: true,
        );
        self::assertSame(61, $holding->atRisk);
        self::assertCount(40, $holding->thinLines);
        self::assertEqualsWithDelta(
            array_map(static fn (int $i): float => 0.05 + $i / 1000, range(0, 39)),
            array_map(static fn (ThinPlace $p): float => $p->widthMm, $holding->thinLines),
            1e-9,
        );
        self::assertSame(Sign::OutOfBounds, $holding->line->sign);
    }

    public function testTheCoarsestMeshThatHoldsItAllIsNamedAndTheThickening(): void
    {
        // 90–48 has a pitch of 0.111 mm; 100–40 is the first to hold 0.11, and a gap of 0.08 + 0.06 = 0.14 mm.
        $holding = new Holding(new Mesh(77, 55), 600, 0.11, 0.15, [new ThinPlace(0, 0, 0.11, 1)], [new ThinPlace(0, 0, 0.15, 1)], canThicken: true);
        self::assertSame('Use a finer mesh: 100–40 (254 per inch) holds it all.', $holding->remedies[0]);
        self::assertSame('Thicken its thin lines by up to 0.02 mm, to 0.13 mm.', $holding->remedies[1]);
        self::assertSame(0.13, $holding->thickenToMm);
        self::assertNull((new Holding(new Mesh(77, 55), 600, 0.11, 0.15, [], [], canThicken: false))->thickenToMm, 'a base has no art to thicken');
        $never = new Holding(new Mesh(77, 55), 600, 0.02, null, [], [], canThicken: true);
        self::assertStringStartsWith('No usual mesh holds it all', $never->remedies[0]);
    }
}
