<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutEmulsion;
use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;

/** A fresh pot, or what its data sheet says; what is not named stays. */
final readonly class EmulsionPatch
{
    public function __construct(
        #[Within(10, 80, '%')]
        public ?float $solidsPct = null,
        #[Day(hasBeen: true)]
        public ?string $mixedOn = null,
        #[Within(1, 3650, 'days')]
        public ?int $potLifeDays = null,
        #[Within(1, 365, 'days')]
        public ?int $coatedLifeDays = null,
        #[Within(0.2, 20)]
        public ?float $factor = null,
        #[Within(10, 400, 'µm')]
        public ?float $filmUm = null,
        #[Words(40, mayBeEmpty: true)]
        public ?string $batch = null,
    ) {
    }

    public function change(int $id): PutEmulsion
    {
        return new PutEmulsion(
            $id,
            null,
            null,
            $this->solidsPct,
            $this->mixedOn,
            $this->potLifeDays,
            coatedLifeDays: $this->coatedLifeDays,
            factor: $this->factor,
            filmUm: $this->filmUm,
            batch: $this->batch,
        );
    }
}
