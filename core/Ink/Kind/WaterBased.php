<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** Pigment in water: soft, and dry in the mesh where it stands. */
final class WaterBased extends InkTraits
{
    public function density(): float
    {
        return 1.1;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Water;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [$plates.': water-based ink dries in the mesh; flood after every stroke, mist it, and let it stand where you see it.'];
    }

    public function cautions(Substrate $on): array
    {
        return match (true) {
            $on->drinksInk() => ['Water-based ink cures at 150 to 160 °C for 90 to 180 s after its water is gone. Wash one before the run.'],
            $on === Substrate::Paper => ['Water-based ink on paper dries in the rack, a layer at a time; damp sheets cockle and grow: let them come back before the next colour.'],
            default => ['Water-based ink holds on a hard panel only where its sheet names that face: scratch a test piece the next day.'],
        };
    }
}
