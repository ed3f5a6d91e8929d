<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Press\FilmPlacement;
use OpenApi\Attributes as OA;

/** Where the film lies on its frame. */
#[OA\Schema]
final readonly class PlacementView
{
    public function __construct(
        #[OA\Property]
        public float $insideWidthMm,
        #[OA\Property]
        public float $insideHeightMm,
        #[OA\Property]
        public float $printWidthMm,
        #[OA\Property]
        public float $printHeightMm,
        #[OA\Property]
        public float $centreFromEndMm,
        #[OA\Property]
        public float $usedPct,
        #[OA\Property]
        public bool $fits,
        #[OA\Property]
        public string $sentence,
    ) {
    }

    public static function of(FilmPlacement $p): self
    {
        return new self($p->insideWidthMm, $p->insideHeightMm, $p->printWidthMm, $p->printHeightMm, $p->centreFromEndMm, 100 * $p->used(), $p->fits(), $p->sentence());
    }
}
