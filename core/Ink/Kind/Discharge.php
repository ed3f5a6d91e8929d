<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** Water-based ink that takes the dye out of cotton and leaves its own pigment: a soft, bright print on dark cloth without a base. */
final class Discharge extends InkTraits
{
    /** Of its pigment alone; what it covers is the dye that is gone (heuristic). */
    private const HIDING = 0.85;

    public function density(): float
    {
        return 1.1;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Water;
    }

    public function hiding(): float
    {
        return self::HIDING;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        return [
            $on === Substrate::Cotton || $on === Substrate::Fleece || $on === Substrate::Canvas
                ? $plates.': discharge ink takes out the dye of cotton only, and not every dye: royal blue, kelly green and pigment-dyed cloth hardly change. Try one piece of this very lot first.'
                : \sprintf('%s: discharge ink takes the dye out of cotton; on %s little or nothing happens. Take another ink, or cotton.', $plates, $on->value),
            $plates.': stir in its activator by weight, as its sheet says, only what is printed within some hours; flood after every stroke, it dries in the mesh.',
            ...$bases === '' ? [] : [$bases.': under discharge ink a base keeps it from the dye. Leave it out there.'],
        ];
    }

    public function cautions(Substrate $on): array
    {
        return [
            'Discharge ink works in the dryer: about 160 °C for 2 to 3 min in moving, moist air, as its sheet says; not flashed dry before. Wash one before the run, and have the garments washed before they are worn.',
            'Its activator is harmful and gives off formaldehyde and a smell of rotten eggs: gloves, goggles, and extraction at press and dryer.',
        ];
    }
}
