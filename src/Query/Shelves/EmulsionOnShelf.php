<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Screen\StencilResists;

/** An emulsion. */
final readonly class EmulsionOnShelf
{
    /**
     * @param int|null   $potDaysLeft days left of its pot life; under zero it is over, null where it has none
     * @param float|null $factor      its time against a photopolymer’s, of the data sheet
     */
    private function __construct(
        public int $id,
        public string $name,
        public EmulsionKind $kind,
        public float $solidsPct,
        public ?string $mixedOn,
        public ?int $potLifeDays,
        public ?int $potDaysLeft,
        public int $coatedLifeDays,
        public ?float $filmUm,
        public ?float $factor,
        public string $batch,
        public bool $assumed,
        public StencilResists $resists,
    ) {
    }

    public static function of(Emulsion $of, \DateTimeImmutable $today): self
    {
        return new self(
            $of->idOrFail(),
            $of->name,
            $of->kind,
            $of->solidsPct,
            $of->mixedOn,
            $of->potLifeDays,
            potDaysLeft: $of->potDaysLeft($today),
            coatedLifeDays: $of->coatedLifeDays,
            filmUm: $of->filmUm,
            factor: $of->factor,
            batch: $of->batch,
            assumed: $of->assumed,
            resists: $of->resists,
        );
    }
}
