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
        #[OA\Property]
        public float $solidsPct,
        #[OA\Property]
        public ?string $mixedOn,
        #[OA\Property]
        public ?int $potLifeDays,
        #[OA\Property(description: 'Days left of its pot life; under zero it is over, null where it has none')]
        public ?int $potDaysLeft,
        #[OA\Property]
        public int $coatedLifeDays,
        #[OA\Property]
        public ?float $filmUm,
        #[OA\Property(description: 'Its time against a photopolymer’s, of the data sheet')]
        public ?float $factor,
    ) {
    }

    public static function of(Emulsion $of): self
    {
        return new self((int) $of->id, $of->name, $of->kind, $of->solidsPct, $of->mixedOn, $of->potLifeDays, $of->potDaysLeft(new \DateTimeImmutable()), $of->coatedLifeDays, $of->filmUm, $of->factor);
    }
}
