<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use OpenApi\Attributes as OA;

/** The best set of frames for the plates of a job that are not burned yet. */
#[OA\Schema]
final readonly class FrameSetView
{
    /**
     * @param list<FrameSetRowView> $plates
     * @param list<string>          $missing plain sentences
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: FrameSetRowView::class))]
        public array $plates,
        #[OA\Property]
        public float $tensionSpreadNPerCm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $missing,
    ) {
    }
}
