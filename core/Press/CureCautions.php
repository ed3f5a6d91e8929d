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

        return array_values(array_unique($cautions));
    }
}
