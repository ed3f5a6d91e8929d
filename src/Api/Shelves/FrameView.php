<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\Frame\Frame;
use OpenApi\Attributes as OA;

/** A frame in the rack. */
#[OA\Schema]
final readonly class FrameView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $mesh,
        #[OA\Property]
        public float $threadsPerCm,
        #[OA\Property]
        public bool $dyed,
        #[OA\Property]
        public float $insideWidthMm,
        #[OA\Property]
        public float $insideHeightMm,
        #[OA\Property]
        public float $tensionNPerCm,
        #[OA\Property]
        public string $state,
    ) {
    }

    public static function of(Frame $of): self
    {
        return new self($of->idOrFail(), $of->label, $of->mesh()->name(), $of->threadsPerCm, $of->dyed, $of->insideWidthMm, $of->insideHeightMm, $of->tensionNPerCm, $of->state);
    }
}
