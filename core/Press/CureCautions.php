<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Substrate;

/** What flash, dryer and inks of a print ask of those who stand there. */
final class CureCautions
{
    /**
     * @param list<InkKind> $inks
     *
     * @return list<string> plain sentences
     */
    public static function of(array $inks, Substrate $substrate, bool $flashes): array
    {
        $cautions = [];
        if ($flashes) {
            $cautions[] = 'Flash: never leave cloth under it, keep hands out from under the head; platens and shirts come out hot. Flash until dry to the touch, then let it cool before the next screen comes down.';
        }
        foreach ($inks as $ink) {
            $cautions = [...$cautions, ...$ink->traits()->cautions($substrate)];
        }
        if ($substrate === Substrate::Polyester || $substrate === Substrate::TriBlend) {
            $cautions[] = 'Dyes of polyester wander into ink that is too hot: low-cure ink, lowest heat that cures, and no hot stacks.';
        }
        if ($substrate === Substrate::Nylon) {
            $cautions[] = 'Nylon shrinks and scorches: test its heat on a scrap, and use the bonding agent that its ink asks for, with gloves.';
        }
        if ($substrate === Substrate::Fleece && $flashes) {
            $cautions[] = 'Fleece can burn under a flash: hang it higher, and swing it away whenever you stop.';
        }
        if ($substrate->drinksInk()) {
            $cautions[] = 'Hot stacks ghost, stick and go on curing: let each piece cool, stagger the stacks, whites apart. White cloth scorches first: watch its edges.';
            $cautions[] = 'Fluff gathers on the screens and ink sinks: look at both every dozen pieces, and wipe before it prints.';
        } elseif ($substrate === Substrate::Paper) {
            $cautions[] = 'Dust and lint show on paper: wipe the table, look at the screen every few sheets, and keep the ink over the whole blade.';
        } else {
            $cautions[] = 'Dust sticks to acrylic and glass by its charge: wipe with a damp lint-free cloth just before each piece.';
        }

        return array_values(array_unique($cautions));
    }
}
