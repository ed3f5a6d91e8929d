<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Query\PartsBeside;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Screen\StencilResists;
use Ektype\Core\Unit\Beside;

/** An emulsion. */
final readonly class EmulsionOnShelf implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param float|null $factor its time against a photopolymer’s, of the data sheet
     */
    private function __construct(
        public int $id,
        public string $name,
        public EmulsionKind $kind,
        public float $solidsPct,
        #[Beside]
        public LifeOfEmulsion $life,
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
            id: $of->idOrFail(),
            name: $of->name,
            kind: $of->kind,
            solidsPct: $of->solidsPct,
            life: new LifeOfEmulsion(
                mixedOn: $of->mixedOn,
                potLifeDays: $of->potLifeDays,
                potDaysLeft: $of->potDaysLeft($today),
                coatedLifeDays: $of->coatedLifeDays,
            ),
            filmUm: $of->filmUm,
            factor: $of->factor,
            batch: $of->batch,
            assumed: $of->assumed,
            resists: $of->resists,
        );
    }
}
