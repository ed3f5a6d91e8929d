<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mesh;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MeshTest extends TestCase
{
    /** Plain weave by hand: 77–55 has a pitch of 10000 / 77 = 129.87 µm. */
    public function testGeometryOfAPlainWeave(): void
    {
        $mesh = new Mesh(77, 55);
        self::assertEqualsWithDelta(129.870, $mesh->pitchUm, 0.001);
        self::assertEqualsWithDelta(74.870, $mesh->openingUm, 0.001);
        self::assertEqualsWithDelta(33.235, $mesh->openAreaPct, 0.001);
        self::assertEqualsWithDelta(88.0, $mesh->thicknessUm, 1e-9);
        self::assertEqualsWithDelta(29.247, $mesh->volumeCm3M2, 0.001);
        self::assertEqualsWithDelta(195.58, $mesh->threadsPerInch(), 0.001);
        self::assertEqualsWithDelta(0.18487, $mesh->finestGapMm, 0.00001, '2 d + w');
    }

    /** Open area by counting points of a drawn weave. */
    #[TestWith([32.0, 100.0])]
    #[TestWith([120.0, 34.0])]
    public function testOpenAreaAgreesWithADrawnWeave(float $perCm, float $threadUm): void
    {
        $mesh = new Mesh($perCm, $threadUm);
        $open = 0;
        $n = 400;
        for ($j = 0; $j < $n; ++$j) {
            for ($i = 0; $i < $n; ++$i) {
                $x = fmod(($i + 0.5) / $n * 10 * $mesh->pitchUm, $mesh->pitchUm);
                $y = fmod(($j + 0.5) / $n * 10 * $mesh->pitchUm, $mesh->pitchUm);
                $open += $x > $threadUm && $y > $threadUm ? 1 : 0;
            }
        }
        self::assertEqualsWithDelta($mesh->openAreaPct, 100 * $open / $n / $n, 2.0);
    }

    #[TestWith([77.0, 130.0, 'no opening for ink'])]
    #[TestWith([305.0, 34.0, 'per inch'])]
    #[TestWith([77.0, 0.0, 'does not fit'])]
    public function testRefusesWhatIsNotWoven(float $perCm, float $threadUm, string $sentence): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($sentence);
        new Mesh($perCm, $threadUm);
    }

    /** The usual picks of the trade, threads per inch. */
    #[TestWith([PlateRole::Base, Substrate::Cotton, '#101010', null, null, 110, 160])]
    #[TestWith([PlateRole::Base, Substrate::Cotton, '#101010', 0.3, null, 180, 230])]
    #[TestWith([PlateRole::Colour, Substrate::Cotton, '#101010', null, null, 110, 165])]
    #[TestWith([PlateRole::Colour, Substrate::Cotton, '#101010', 0.3, null, 200, 255])]
    #[TestWith([PlateRole::Colour, Substrate::Paper, '#ffffff', null, null, 195, 305])]
    #[TestWith([PlateRole::Colour, Substrate::Rigid, '#ffffff', 0.2, null, 255, 355])]
    public function testTheFirstPickLiesInTheUsualRange(
        PlateRole $role,
        Substrate $substrate,
        string $garment,
        ?float $line,
        ?float $lpi,
        int $from,
        int $to,
    ): void {
        $first = MeshSuggestion::rank(
            new MeshQuestion(
                $role,
                $substrate,
                $substrate === Substrate::Paper ? InkKind::WaterBased : InkKind::Plastisol,
                $line,
                $lpi,
                Lab::of(Srgb::fromHex($garment)),
            ),
        )[0];
        self::assertGreaterThanOrEqual($from - 0.5, $first->mesh->threadsPerInch());
        self::assertLessThanOrEqual($to + 0.5, $first->mesh->threadsPerInch());
        self::assertTrue($first->holds);
        self::assertNotSame('', $first->why);
    }

    public function testAMeshThatCannotHoldTheLineOrTheRulingIsSaidSo(): void
    {
        foreach (MeshSuggestion::rank(
            new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, 0.12, 45, Lab::of(Srgb::fromHex('#ffffff'))),
        ) as $ranked) {
            $holds = $ranked->mesh->pitchUm <= 120 && $ranked->mesh->threadsPerInch() >= 225;
            self::assertSame($holds, $ranked->holds, $ranked->mesh->name);
            self::assertSame(
                !$holds,
                str_contains($ranked->why, 'cannot hold') || str_contains($ranked->why, 'over its ceiling'),
                $ranked->why,
            );
        }
    }

    public function testGlitterGoesThroughCoarseMesh(): void
    {
        $first = MeshSuggestion::rank(
            new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Glitter, null, null, Lab::of(Srgb::fromHex('#000000'))),
        )[0];
        self::assertLessThan(90, $first->mesh->threadsPerInch());
    }
}
