<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\RackPlate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Unit\Quantity;

/** A plate that wants a frame. */
final readonly class RackPlateAsked
{
    public function __construct(
        #[Words(120)]
        public string $name,
        public PlateRole $role = PlateRole::Colour,
        public InkKind $ink = InkKind::Plastisol,
        #[Within(0.02, 100, 'mm')]
        public ?float $finestLineMm = null,
        #[Bounded(Quantity::Ruling)]
        public ?float $lpi = null,
    ) {
    }

    public function plate(Substrate $substrate, Lab $garment): RackPlate
    {
        return new RackPlate($this->name, new MeshQuestion($this->role, $substrate, $this->ink, $this->finestLineMm, $this->lpi, $garment));
    }
}
