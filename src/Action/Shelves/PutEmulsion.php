<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Screen\StencilResists;

/** Puts an emulsion on the shelf, or says of one what it is: a fresh pot, or what its data sheet says. null leaves a thing as it is. */
final readonly class PutEmulsion implements Change
{
    /** @param int|null $id null for a new one, which needs a name and a kind */
    public function __construct(
        private ?int $id,
        private ?string $name = null,
        private ?EmulsionKind $kind = null,
        private ?float $solidsPct = null,
        private ?string $mixedOn = null,
        private ?int $potLifeDays = null,
        private ?int $coatedLifeDays = null,
        private ?float $factor = null,
        private ?float $filmUm = null,
        private ?string $batch = null,
        private ?StencilResists $resists = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $emulsion = $this->id === null ? new Emulsion(
            $this->name ?? '',
            $this->kind ?? EmulsionKind::DualCure,
        ) : $shop->light->emulsions->get($this->id);
        FreeName::must($this->name === null ? null : $shop->light->emulsions->named($this->name), $emulsion, $this->name ?? '');
        $emulsion->name = $this->name ?? $emulsion->name;
        $emulsion->kind = $this->kind ?? $emulsion->kind;
        $isFilm = $emulsion->kind === EmulsionKind::CapillaryFilm;
        $film = $this->filmUm ?? ($isFilm ? $emulsion->filmUm : null);
        if ($isFilm !== ($film !== null)) {
            throw Refused::at('film', $film === null ? 'A capillary film has a thickness: it makes the stencil. Give it in µm, as its box names it.' : 'Only capillary film has a thickness of its own. Leave it empty, or choose capillary film.');
        }
        $emulsion->filmUm = $film;
        $emulsion->solidsPct = $this->solidsPct ?? $emulsion->solidsPct;
        $emulsion->mixedOn = $this->mixedOn ?? $emulsion->mixedOn;
        $emulsion->potLifeDays = $this->potLifeDays ?? $emulsion->potLifeDays;
        $emulsion->coatedLifeDays = $this->coatedLifeDays ?? $emulsion->coatedLifeDays;
        $emulsion->factor = $this->factor ?? $emulsion->factor;
        $emulsion->batch = $this->batch ?? $emulsion->batch;
        $emulsion->resists = $this->resists ?? $emulsion->resists;
        $shop->light->emulsions->add($emulsion);
        OnlyOne::taken($shop, $emulsion);

        return 'Emulsion '.$emulsion->name;
    }
}
