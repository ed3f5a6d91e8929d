<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** One-part ink for hard goods that dries in air: acrylic, coated board, wood. */
final class Panel extends InkTraits
{
    public function density(): float
    {
        return 1.1;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Solvent;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return $on === Substrate::Rigid
            ? [$plates.': ink for this very face, acrylic, wood or board: its sheet names them. Try it on a waste piece, and scratch it with a nail the next day.', 'Acrylic crazes where ink or cleaner is too strong for it, most at bent and sawn edges: look at the test piece after an hour.']
            : [\sprintf('%s: ink for hard goods stands stiff on %s and cracks. Take an ink for it.', $plates, $on->value)];
    }

    public function cautions(Substrate $on): array
    {
        return [
            'It dries in moving air, a colour at a time: in a rack, an hour or more as its sheet says; warm air shortens it. Nothing laid on it before it is hard.',
            'Solvent inks: gloves, goggles, open air or extraction, no flame, no spark; used rags into a closed metal bin.',
        ];
    }
}
