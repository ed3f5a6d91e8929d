<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** Ink and hardener, mixed by weight just before the run: for glass, metal, coated wood and nylon. */
final class TwoPart extends InkTraits
{
    public function density(): float
    {
        return 1.2;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Solvent;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [
            $plates.': weigh ink and hardener by its sheet, to the gram; stir, let it stand until its bubbles are gone, note the hour. It is used up within its pot life (often 4 to 8 h): mix no more than that prints.',
            ...$on === Substrate::Rigid ? ['Adhesion by a cross-cut on a waste piece once it is hard: cut a lattice of 1 mm, press tape on it, pull it off. Squares that come off with it mean: clean the face again, or another hardener.', 'Wipe each face free of grease and fingers before it is printed; glass and metal want it within the hour.'] : [],
            'Two-part ink attacks soft stencils and hardens in the mesh: a solvent-proof emulsion, and the screen washed before the pot life ends.',
        ];
    }

    public function cautions(Substrate $on): array
    {
        return [
            'Two-part ink hardens by itself, faster in the warm: fit to touch in an hour or so, hard after some days, sooner in an oven as its sheet says. Stack nothing before.',
            'Hardeners sensitise skin and lungs: gloves, goggles, extraction; nothing of it down the drain; left-overs as its sheet and local rules say.',
        ];
    }
}
