<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Ink\Vehicle;

/** What a hardened stencil withstands in a run, as its data sheet has it. */
enum StencilResists: string
{
    case Unknown = 'unknown';
    case Water = 'water';
    case Solvent = 'solvent';
    case Both = 'both';

    public function says(): string
    {
        return match ($this) {
            self::Unknown => 'nobody knows',
            self::Water => 'water',
            self::Solvent => 'solvents and plastisol',
            self::Both => 'water and solvents',
        };
    }

    /** What an ink does to it, told before it is burned; empty where it stands. */
    public function against(InkKind $ink, string $emulsion): string
    {
        $water = $ink->traits()->vehicle() === Vehicle::Water;
        $solvent = $ink->traits()->vehicle() === Vehicle::Solvent;
        $with = $emulsion === '' ? 'This emulsion' : $emulsion;

        return match (true) {
            !$water && !$solvent => '',
            $this === self::Unknown => \sprintf('Whether %s withstands %s is not known here: look at its data sheet before you burn, or it may break down in the run.', $emulsion === '' ? 'this emulsion' : $emulsion, $water ? 'water-based ink' : 'solvent and two-part inks and their cleaners'),
            $water && $this === self::Solvent => \sprintf('%s does not withstand water-based ink: the stencil softens in the run. Take one that does, or harden it, which cannot be reclaimed.', $with),
            $solvent && $this === self::Water => \sprintf('%s does not withstand solvent and two-part inks or their cleaners: edges dissolve in the run. Take one that does.', $with),
            default => '',
        };
    }
}
