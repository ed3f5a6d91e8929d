<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\GaugedCoating;

/** A coating that was gauged, with its emulsion over mesh. */
final readonly class GaugedAsked
{
    public function __construct(
        public MeshAsked $mesh,
        public float $eomUm,
        public ?Edge $edge = null,
        #[Within(0, 10)]
        public int $printCoats = 1,
        #[Within(0, 10)]
        public int $squeegeeCoats = 1,
        public float $solidsPct = Coating::USUAL_SOLIDS_PCT,
        public string $emulsion = '',
        public bool $driedBetween = false,
        public ?float $filmUm = null,
    ) {
    }

    public function gauged(): GaugedCoating
    {
        $coating = new CoatingAsked(
            $this->mesh,
            $this->edge,
            $this->printCoats,
            $this->squeegeeCoats,
            $this->solidsPct,
            $this->emulsion,
            driedBetween: $this->driedBetween,
            filmUm: $this->filmUm,
        );

        return new GaugedCoating($coating->coating(), $this->eomUm);
    }
}
