<?php

declare(strict_types=1);

namespace Ektype\Core\Ink\Kind;

use Ektype\Core\Ink\InkTraits;
use Ektype\Core\Ink\Vehicle;

/** Lets what lies below shine through: inks of four-colour process, tints of layers. */
final class Transparent extends InkTraits
{
    public function density(): float
    {
        return 1.1;
    }

    public function vehicle(): Vehicle
    {
        return Vehicle::Oil;
    }

    public function isTransparent(): bool
    {
        return true;
    }
}
