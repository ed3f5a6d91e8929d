<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** Lets what lies below shine through: inks of four-colour process, tints of layers. */
final class Transparent extends InkTraits
{
    public function density(): float
    {
        return 1.1;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Oil;
    }

    public function cautions(Substrate $on): array
    {
        return $on->drinksInk()
            ? ['Process and transparent inks cure like their kind: plastisol at 160 °C through the film, water-based 150 to 160 °C for 90 to 180 s after its water is gone. Look at the grey of the print when it is cold: heat shifts it.']
            : ['Transparent inks on paper dry in the rack, hours to a day a layer; stacked too soon they stick and set off.'];
    }

    public function isTransparent(): bool
    {
        return true;
    }
}
