<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** How a frame is to be coated, what that makes, and when it is dry. */
#[OA\Schema]
final readonly class CoatView
{
    /** @param list<string> $mind plain sentences about emulsion and air */
    public function __construct(
        #[OA\Property]
        public string $words,
        #[OA\Property(enum: ['sharp', 'round'])]
        public string $edge,
        #[OA\Property]
        public int $printCoats,
        #[OA\Property]
        public int $squeegeeCoats,
        #[OA\Property]
        public string $emulsion,
        #[OA\Property]
        public FigureView $eom,
        #[OA\Property(description: 'Emulsion over mesh, % of the fabric')]
        public float $eomPct,
        #[OA\Property]
        public FigureView $emulsionMl,
        #[OA\Property]
        public FigureView $dryHours,
        #[OA\Property(description: 'How smooth its edges come out')]
        public string $edges,
        #[OA\Property(description: 'How the coats are told: the school of the shop')]
        public string $school,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $mind,
    ) {
    }
}
