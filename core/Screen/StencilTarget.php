<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Mesh\Mesh;

/** How thick a stencil is wanted on a mesh: emulsion over mesh as a share of the fabric (heuristic ranges). */
final readonly class StencilTarget
{
    /** Middle of 10–20 % for detail and of 20–30 % for bold work. */
    private const DETAIL = [0.10, 0.15, 0.20];
    private const BOLD = [0.20, 0.25, 0.30];
    /** Mesh from this count on is coated for detail, threads per cm (heuristic). */
    private const DETAIL_FROM_PER_CM = 75.0;

    private function __construct(
        public float $lowUm,
        public float $eomUm,
        public float $highUm,
        public float $shareOfFabric,
        public bool $forDetail,
    ) {
    }

    public static function on(Mesh $mesh): self
    {
        $detail = $mesh->threadsPerCm >= self::DETAIL_FROM_PER_CM;
        [$low, $middle, $high] = $detail ? self::DETAIL : self::BOLD;

        return new self($low * $mesh->thicknessUm, $middle * $mesh->thicknessUm, $high * $mesh->thicknessUm, $middle, $detail);
    }

    public function holds(float $eomUm): bool
    {
        return $eomUm >= $this->lowUm && $eomUm <= $this->highUm;
    }
}
