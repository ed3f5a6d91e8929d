<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;

/** What is set on a press before the first strike-off and before the run, in the order in which hands do it. */
enum SetUp: string
{
    case Platens = 'platens';
    case Centred = 'centred';
    case Cloth = 'cloth';
    case Warm = 'warm';
    case Tacked = 'tacked';
    case Screens = 'screens';
    case OffContact = 'off-contact';
    case Taped = 'taped';
    case Inks = 'inks';
    case Preshrunk = 'pre-shrunk';
    case Covered = 'covered';

    /** So many flashes on one garment shrink it between its colours (heuristic). */
    private const SHRINKS_FROM = 2;

    /**
     * What this press, cloth and these inks ask for, and nothing else.
     *
     * @param int           $flashes on one garment
     * @param list<InkKind> $inks    that were chosen
     *
     * @return list<self>
     */
    public static function asked(PressWay $way, bool $knobs, Substrate $on, int $flashes, array $inks): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => match ($one) {
            self::Platens => $way->carriesAll() || $on === Substrate::Rigid,
            self::Centred => $knobs,
            self::Cloth, self::Tacked => $on->drinksInk(),
            self::Warm => $flashes > 0,
            self::Inks => $inks !== [],
            self::Preshrunk => $on->drinksInk() && $flashes >= self::SHRINKS_FROM,
            default => true,
        }));
    }

    /** @param list<InkKind> $inks that were chosen */
    public function says(PressWay $way, Substrate $on, array $inks): string
    {
        return match ($this) {
            self::Platens => $on === Substrate::Rigid ? 'Jig fixed: each piece lies in the same corner, level with the next' : 'Platens tight and parallel to each other',
            self::Centred => 'Micro-register knobs in the middle of their travel',
            self::Cloth => 'Test cloth of the same fabric, pre-shrunk and dried under the flash',
            self::Warm => 'Platens warmed, so that the first piece is flashed as the hundredth',
            self::Tacked => 'Platens tacked: what is loaded stays where it is laid',
            self::Screens => $way->carriesAll() ? 'Screens in their heads, tight, the key first' : 'Frame in its clamps, tight; the key prints first',
            self::OffContact => $on === Substrate::Rigid ? 'Off-contact set for each screen, from the face of the piece' : ($on === Substrate::Paper ? 'Off-contact set for each screen, from the paper' : 'Off-contact set for each screen, from the garment'),
            self::Taped => 'Screens taped below, outside the print',
            self::Inks => self::ink($inks),
            self::Preshrunk => 'Garments pre-shrunk once under the flash: they are flashed more than once',
            self::Covered => 'For the run: marks, witness strip and pinholes covered; uncover them for a register look',
        };
    }

    /** @param list<InkKind> $inks */
    private static function ink(array $inks): string
    {
        $by = array_map(static fn (InkKind $k): Vehicle => $k->traits()->vehicle(), $inks);

        return implode('; ', [
            ...\in_array(Vehicle::Oil, $by, true) ? ['Plastisol stirred and at room temperature'] : [],
            ...\in_array(Vehicle::Water, $by, true) ? ['water-based ink stirred, its lid on between prints, a damp cloth at hand'] : [],
            ...\in_array(Vehicle::Solvent, $by, true) ? ['solvent ink stirred and thinned as its sheet says, with air and gloves'] : [],
        ]);
    }
}
