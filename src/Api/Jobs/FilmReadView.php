<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A film as it was read back: how many marks were found on it, and how far the worst is off. */
#[OA\Schema]
final readonly class FilmReadView
{
    public function __construct(
        #[OA\Property]
        public string $file,
        #[OA\Property]
        public int $marks,
        #[OA\Property]
        public ?float $worstMm,
    ) {
    }
}
