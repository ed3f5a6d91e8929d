<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Plate\PlateRole;

/** A plate is called by the ink of the shelf that it prints, unless it was given a name of its own. */
final class PlateName
{
    /** Whether a name is only that of an ink or of a colour. */
    public static function isPlain(string $name, Srgb $colour, PlateRole $role, ?string $ink): bool
    {
        return $name === $ink || ($role !== PlateRole::Base && preg_replace('/ \d+$/', '', $name) === ColourName::of($colour));
    }

    /** @param list<string> $taken names of the plates before it: two of one ink are told apart */
    public static function of(string $name, Srgb $colour, PlateRole $role, ?string $ink, array $taken): string
    {
        return $ink !== null && self::isPlain($name, $colour, $role, $ink) && !\in_array($ink, $taken, true) ? $ink : $name;
    }
}
