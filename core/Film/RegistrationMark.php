<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** A cross in a ring. Its place is in millimetres from the centre of the print, x right, y up. */
final readonly class RegistrationMark
{
    public const RING_RADIUS_MM = 2.4;
    public const ARM_MM = 4.0;
    /** Hairline: fine enough to read a tenth on, thick enough to hold on any mesh. */
    public const HAIRLINE_MM = 0.25;

    public function __construct(public string $name, public float $xMm, public float $yMm)
    {
    }
}
