<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\Ink\Ink;
use OpenApi\Attributes as OA;

/** An ink on the shelf. */
#[OA\Schema]
final readonly class InkView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public float $hiding,
    ) {
    }

    public static function of(Ink $of): self
    {
        return new self((int) $of->id, $of->name, $of->hex, $of->kind, $of->hiding);
    }
}
