<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** Whether a plate's thin lines and gaps will hold on its mesh and film, and what would help. */
#[OA\Schema]
final readonly class HoldingView
{
    /**
     * @param list<ThinPlaceView> $risks    thinnest first
     * @param list<string>        $remedies plain sentences
     */
    public function __construct(
        #[OA\Property]
        public FigureView $line,
        #[OA\Property]
        public FigureView $gap,
        #[OA\Property(description: 'The finest line that mesh and film printer hold, mm')]
        public float $holdsLineMm,
        #[OA\Property(description: 'The finest gap that they hold, mm')]
        public float $holdsGapMm,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ThinPlaceView::class))]
        public array $risks,
        #[OA\Property(description: 'How many places are at risk in all')]
        public int $atRisk,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $remedies,
        #[OA\Property(description: 'Bring thin lines to this, mm; null where none is thin')]
        public ?float $thickenToMm,
    ) {
    }
}
