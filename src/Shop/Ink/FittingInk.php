<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Ink;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/** The ink of the shelf that a new plate is proposed. */
final class FittingInk
{
    /** An ink is proposed for a colour this near, ΔE00 (heuristic); else the choice is left to the printer. */
    private const NEAR_ENOUGH = 10.0;

    /** @param list<Ink> $shelf */
    public static function called(string $name, array $shelf): ?Ink
    {
        foreach ($shelf as $ink) {
            if ($name !== '' && $ink->name === $name) {
                return $ink;
            }
        }

        return null;
    }

    /** @param list<Ink> $shelf */
    public static function nearest(Srgb $colour, array $shelf): ?Ink
    {
        $lab = Lab::of($colour);
        $nearest = null;
        $least = self::NEAR_ENOUGH;
        foreach ($shelf as $ink) {
            $distance = Ciede2000::between($lab, Lab::of(Srgb::fromHex($ink->hex)));
            // A transparent ink looks so only on white.
            if (!$ink->kind->traits()->isTransparent() && $distance < $least) {
                $least = $distance;
                $nearest = $ink;
            }
        }

        return $nearest;
    }
}
