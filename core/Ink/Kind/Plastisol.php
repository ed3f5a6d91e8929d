<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** Oil and resin that stay wet until they are hot. */
class Plastisol extends InkTraits
{
    public function density(): float
    {
        return 1.25;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Oil;
    }

    public function suits(string $plates, string $bases, Substrate $on): array
    {
        if ($on === Substrate::Rigid) {
            return [$plates.': garment ink never dries on a hard panel and scratches off. Take a panel ink or a two-part ink.'];
        }

        return ['Stir plastisol and let it come to the room’s warmth: cold ink drags.'.($bases === '' ? '' : ' No reducer into '.$bases.': it spoils its hiding.')];
    }

    public function cautions(Substrate $on): array
    {
        return match (true) {
            $on->drinksInk() => ['Plastisol cures at 160 °C through the whole film (150 to 170; low-cure as its sheet says). A surface gun reads high: stretch and wash one before the run.'],
            $on === Substrate::Paper => ['Plastisol stays wet on paper until it is cured at 160 °C, which browns most papers: try one sheet, or take an ink that dries in air.'],
            default => ['Garment ink does not cure on a hard panel: heat that would cure it warps acrylic.'],
        };
    }
}
