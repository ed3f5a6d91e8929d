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
        $has = static fn (InkKind ...$kinds): bool => array_filter($inks, static fn (InkKind $k): bool => \in_array($k, $kinds, true)) !== [];
        $cautions = [];
        if ($flashes) {
            $cautions[] = 'Flash: never leave cloth under it, keep hands out from under the head; platens and shirts come out hot. Flash until dry to the touch, then let it cool before the next screen comes down.';
        }
        if ($substrate->drinksInk() && $has(InkKind::Plastisol, InkKind::Glitter, InkKind::Puff, InkKind::Metallic)) {
            $cautions[] = 'Plastisol cures at 160 °C through the whole film (150 to 170; low-cure as its sheet says). A surface gun reads high: stretch and wash one before the run.';
        }
        if ($substrate->drinksInk() && $has(InkKind::WaterBased)) {
            $cautions[] = 'Water-based ink cures at 150 to 160 °C for 90 to 180 s after its water is gone. Wash one before the run.';
        }
        if ($substrate === Substrate::Polyester || $substrate === Substrate::TriBlend) {
            $cautions[] = 'Dyes of polyester wander into ink that is too hot: low-cure ink, lowest heat that cures, and no hot stacks.';
        }
        if ($substrate === Substrate::Nylon) {
            $cautions[] = 'Nylon shrinks and scorches: test its heat on a scrap, and use the bonding agent that its ink asks for, with gloves.';
        }
        if ($has(InkKind::Solvent)) {
            $cautions[] = 'Solvent inks: gloves, goggles, open air or extraction, no flame, no spark; used rags into a closed metal bin.';
        }

        return $cautions;
    }
}
