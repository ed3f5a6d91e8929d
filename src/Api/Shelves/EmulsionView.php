<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\Emulsion\Emulsion;
use OpenApi\Attributes as OA;

/** An emulsion. */
#[OA\Schema]
final readonly class EmulsionView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $kind,
    ) {
    }

    public static function of(Emulsion $of): self
    {
        return new self((int) $of->id, $of->name, $of->kind);
    }
}
