<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\StencilTarget;
use PHPUnit\Framework\TestCase;

/** By hand: 77–55 has 1.6 × 55 = 88 µm of fabric and is coated for detail; 43–80 has 128 µm and is coated bold. */
final class StencilTargetTest extends TestCase
{
    public function testDetailAndBoldTargets(): void
    {
        $fine = StencilTarget::on(new Mesh(77, 55));
        self::assertTrue($fine->forDetail);
        self::assertEqualsWithDelta([8.8, 13.2, 17.6], [$fine->lowUm, $fine->eomUm, $fine->highUm], 1e-9);
        $coarse = StencilTarget::on(new Mesh(43, 80));
        self::assertFalse($coarse->forDetail);
        self::assertEqualsWithDelta([25.6, 32.0, 38.4], [$coarse->lowUm, $coarse->eomUm, $coarse->highUm], 1e-9);
    }
}
