<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A litre of ink weighs by its kind: so do the grams that a run is mixed by. */
final class InkKindTest extends TestCase
{
    #[TestWith([InkKind::Plastisol, 1.25, false])]
    #[TestWith([InkKind::WaterBased, 1.1, false])]
    #[TestWith([InkKind::Solvent, 1.1, false])]
    #[TestWith([InkKind::Glitter, 1.3, true])]
    #[TestWith([InkKind::Puff, 1.15, true])]
    #[TestWith([InkKind::Metallic, 1.4, true])]
    public function testGramsOfARunByKind(InkKind $kind, float $density, bool $coarse): void
    {
        // 43–80 passes 128 µm × 43.03 % = 55.083 cm³/m², 0.8 of it stays; 250 cm², 100 prints: 0.11017 cm³ a print and 100 of them.
        $deposit = new Deposit(new Mesh(43, 80), $kind, Laying::Once, 0);
        self::assertEqualsWithDelta(44.0664, $deposit->wetUm, 1e-3);
        self::assertEqualsWithDelta(250 * 44.0664e-4 * 100 * $density, $deposit->grams(250, 100), 0.01);
        self::assertEqualsWithDelta(
            [0.7 / 0.8, 0.9 / 0.8],
            [$deposit->wetLowUm / $deposit->wetUm, $deposit->wetHighUm / $deposit->wetUm],
            1e-9,
        );
        self::assertSame($coarse, $kind->isCoarse());
    }
}
