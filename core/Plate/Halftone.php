<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

/** The dots of a plate: their ruling in lines per inch and their angle in degrees. */
final readonly class Halftone
{
    /** School: one safe angle for every plate, degrees. */
    public const SAFE_ANGLE = 22.5;

    public function __construct(public float $lpi, public float $angleDeg = self::SAFE_ANGLE)
    {
    }
}
