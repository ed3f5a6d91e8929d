<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Ink\Vehicle;

/** What is done when the last piece is off: inks, screens, films, and what is written down. */
final class AfterRun
{
    /**
     * @param list<InkKind> $inks that printed
     * @param string        $job  as its films are filed
     *
     * @return list<string> plain sentences, in the order in which they are done
     */
    public static function of(array $inks, string $job, bool $withFilms): array
    {
        $two = array_filter($inks, static fn (InkKind $k): bool => $k === InkKind::TwoPart) !== [];
        $by = static fn (Vehicle $v): bool => array_filter($inks, static fn (InkKind $k): bool => $k !== InkKind::TwoPart && $k->traits()->vehicle() === $v) !== [];

        return [
            ...$by(Vehicle::Water) ? ['Card water-based ink off and flush its screens with water at once, or it sets in the mesh. What stood on the screen has thickened: keep it apart from the pot.'] : [],
            ...$two ? ['Two-part ink is not put back: wash its screens before the pot life ends, and let what is left harden.'] : [],
            ...$by(Vehicle::Solvent) ? ['Card solvent ink off and wash its screens with the cleaner of its sheet, with gloves and moving air; rags into a closed metal bin.'] : [],
            ...$by(Vehicle::Oil) ? ['Card plastisol off into its pot, without lint and without the other colours; wipe the mesh clean on both sides.'] : [],
            'Keep the screens of an order that comes back, degreased and named on the frame; reclaim the others now: a stencil that waits locks in.',
            ...$withFilms ? [\sprintf('File the films flat, dry and dark in one sleeve: %s, the day, this sheet and a print.', $job)] : [],
            'Write down what was changed at the press and the misprints with their cause: the next run starts there.',
        ];
    }
}
