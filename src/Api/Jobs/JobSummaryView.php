<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A job on the shelf of jobs. */
#[OA\Schema]
final readonly class JobSummaryView
{
    /** @param list<string> $inkHexes */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $customer,
        #[OA\Property]
        public string $garment,
        #[OA\Property]
        public string $garmentName,
        #[OA\Property]
        public string $garmentHex,
        #[OA\Property]
        public int $quantity,
        #[OA\Property]
        public ?string $dueOn,
        #[OA\Property]
        public float $widthMm,
        #[OA\Property]
        public float $heightMm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $inkHexes,
        #[OA\Property]
        public bool $separated,
        #[OA\Property]
        public string $pullKey,
        #[OA\Property]
        public string $stands,
    ) {
    }
}
