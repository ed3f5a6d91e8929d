<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;

/** Ink whose colour is near that of the garment: not seen on it, or hardly. */
final class NearCloth
{
    /** Ink this near is not seen at all, ΔE00 (heuristic). */
    public const UNSEEN = 6.0;
    /** This near, and nearly as light, it is seen as a patch but not read as type: ΔE00 and L* (heuristic). */
    private const FAINT = 18.0;
    private const AS_LIGHT = 15.0;

    public static function isUnseen(Lab $ink, Lab $cloth): bool
    {
        return Ciede2000::between($ink, $cloth) < self::UNSEEN;
    }

    /** What it means for the print; empty where the ink shows. */
    public static function says(string $plate, Lab $ink, string $clothName, Lab $cloth): string
    {
        $apart = Ciede2000::between($ink, $cloth);

        return match (true) {
            $apart < self::UNSEEN => \sprintf('%s is the colour of the cloth (%s): it is not seen on it.', $plate, $clothName),
            $apart < self::FAINT && abs($ink->l - $cloth->l) < self::AS_LIGHT => \sprintf(
                '%s hardly shows on %s (ΔE %.0f apart, nearly as light): type and thin lines in it are not read. Take a darker or lighter ink for it, or give it an outline.',
                $plate,
                $clothName,
                $apart,
            ),
            default => '',
        };
    }
}
