<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** The coating that is on a frame now. */
#[OA\Schema]
final readonly class StencilView
{
    public function __construct(
        #[OA\Property]
        public string $emulsion,
        #[OA\Property(description: 'How it was coated, in words')]
        public string $coating,
        #[OA\Property(description: 'Local time')]
        public string $coatedAt,
        #[OA\Property(description: 'Local time at which it is dry')]
        public string $readyAt,
        #[OA\Property(description: 'Minutes until it is dry; 0 when it is')]
        public float $dampForMin,
        #[OA\Property(description: 'Days that it still keeps in the dark; under zero it is too old')]
        public int $keepsForDays,
        #[OA\Property(description: 'Whether the shop told how it was coated')]
        public bool $told,
        #[OA\Property]
        public ?float $gaugedEomUm,
        #[OA\Property]
        public ?float $burnedSeconds,
        #[OA\Property(description: 'What must be minded before it is burned; empty where nothing')]
        public string $mind,
    ) {
    }
}
