<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Mesh\Mesh;
use OpenApi\Attributes as OA;

/** The geometry of a mesh, for its drawing. */
#[OA\Schema]
final readonly class MeshView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $threadsPerCm,
        #[OA\Property]
        public float $threadUm,
        #[OA\Property]
        public float $pitchUm,
        #[OA\Property]
        public float $openingUm,
        #[OA\Property]
        public float $openAreaPct,
        #[OA\Property]
        public float $thicknessUm,
        #[OA\Property]
        public float $volumeCm3M2,
        #[OA\Property]
        public float $finestLineMm,
        #[OA\Property]
        public float $finestGapMm,
        #[OA\Property]
        public bool $dyed,
    ) {
    }

    public static function of(Mesh $m): self
    {
        return new self($m->name(), $m->threadsPerCm, $m->threadUm, $m->pitchUm, $m->openingUm, $m->openAreaPct, $m->thicknessUm, $m->volumeCm3M2, $m->finestLineMm(), $m->finestGapMm(), $m->dyed);
    }
}
