<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;

/** What inks ask of the cloth and of the hands before they go on the press. */
final class InkSuits
{
    /** Hotter than this the cloth suffers, °C (trade ranges; the garment’s and the ink’s sheets come first). */
    private const HEAT_C = ['cotton' => 175, 'polyester' => 140, 'tri-blend' => 140, 'nylon' => 130, 'fleece' => 165, 'canvas' => 175];

    /**
     * @param list<string>    $names of the plates
     * @param list<InkKind>   $inks  of them
     * @param list<PlateRole> $roles of them
     *
     * @return list<string> plain sentences
     */
    public static function says(array $names, array $inks, array $roles, Substrate $substrate): array
    {
        $called = static fn (array $plates): string => implode(', ', array_unique(array_intersect_key($names, $plates)));
        $bases = $called(array_filter($roles, static fn (PlateRole $r): bool => $r === PlateRole::Base));
        $says = [];
        if ($substrate === Substrate::Polyester || $substrate === Substrate::TriBlend) {
            $says[] = \sprintf('Dye of polyester wanders into hot ink: low-bleed, low-cure ink%s, the least heat that cures, and no hot stacks.', $bases === '' ? '' : ', for '.$bases.' above all');
        }
        if ($substrate === Substrate::Nylon) {
            $says[] = 'Nylon: ink with its bonding agent, as much as its sheet says, used up within hours; gloves, air. Test the hold on a scrap.';
        }
        $heat = self::HEAT_C[$substrate->value] ?? null;
        if ($heat !== null) {
            $says[] = \sprintf('%s suffers above about %d °C, trims and zips sooner: the garment spec says.', ucfirst($substrate->value), $heat);
        }
        foreach (array_unique($inks, \SORT_REGULAR) as $kind) {
            $plates = $called(array_filter($inks, static fn (InkKind $k): bool => $k === $kind));
            $says = [...$says, ...$kind->traits()->suits($plates, $bases, $substrate)];
        }

        return array_values(array_unique($says));
    }
}
