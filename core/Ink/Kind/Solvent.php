<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** Ink in a solvent, as older shelves have it: for hard goods. */
final class Solvent extends InkTraits
{
    public function density(): float
    {
        return 1.1;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Solvent;
    }

    public function cautions(Substrate $on): array
    {
        return ['Solvent inks: gloves, goggles, open air or extraction, no flame, no spark; used rags into a closed metal bin.'];
    }
}
