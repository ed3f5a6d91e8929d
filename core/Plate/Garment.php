<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

use Ektype\Core\Colour\Lab;

/** What the garment’s colour asks for. */
final class Garment
{
    /** From this lightness on a garment needs no base, L* (heuristic). */
    public const LIGHT = 80.0;
    /** An ink lighter than the garment by this much needs a base, ΔL* (heuristic). */
    private const NEEDS_BASE = 4.0;

    public static function isLight(Lab $garment): bool
    {
        return $garment->l >= self::LIGHT;
    }

    public static function needsBase(Lab $ink, Lab $garment): bool
    {
        return !self::isLight($garment) && $ink->l > $garment->l + self::NEEDS_BASE;
    }
}
