<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** At which angles the plates of many opaque inks stand. */
enum PlateAngles: string
{
    /** As many, and which plates share one, as the films print nearest by. */
    case Several = 'by what they print';
    /** All colours at one that is safe on the mesh, set off against each other; the base apart (school). */
    case One = 'one angle';
}
