<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\Lamp\Lamp;
use OpenApi\Attributes as OA;

/** A lamp. */
#[OA\Schema]
final readonly class LampView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public float $hours,
        #[OA\Property]
        public ?float $distanceMm,
    ) {
    }

    public static function of(Lamp $of): self
    {
        return new self((int) $of->id, $of->name, $of->kind, $of->hours, $of->distanceMm);
    }
}
