<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** At which angles the plates of many opaque inks stand. */
enum PlateAngles: string
{
    case Several = 'several, by what they print';
    case One = 'one angle, the base apart';
}
