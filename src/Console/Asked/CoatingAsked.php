<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Symfony\Component\Validator\Constraints as Assert;

/** How a mesh is coated, and what is asked of it. */
final readonly class CoatingAsked
{
    /** @param list<GaugedAsked> $readings coatings that were gauged */
    public function __construct(
        public MeshAsked $mesh,
        public ?Edge $edge = null,
        #[Within(0, 10)]
        public int $printCoats = 1,
        #[Within(0, 10)]
        public int $squeegeeCoats = 1,
        public float $solidsPct = Coating::USUAL_SOLIDS_PCT,
        public string $emulsion = '',
        public bool $driedBetween = false,
        public ?float $filmUm = null,
        #[Assert\Valid]
        public array $readings = [],
        public ?AirAsked $air = null,
    ) {
    }

    public function coating(): Coating
    {
        $mesh = $this->mesh->mesh();

        return new Coating(
            $mesh,
            $this->edge ?? Coating::edgeFor($mesh),
            $this->printCoats,
            $this->squeegeeCoats,
            $this->solidsPct,
            $this->emulsion,
            driedBetween: $this->driedBetween,
            filmUm: $this->filmUm,
        );
    }
}
