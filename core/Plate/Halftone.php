<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

use Ektype\Core\Unit\Chosen;

/** The dots of a plate: their ruling in lines per inch and their angle in degrees. */
final readonly class Halftone
{
    /** School: one safe angle for every plate, degrees. */
    public const SAFE_ANGLE = 22.5;

    public function __construct(
        #[Chosen('ruling', 'lines per inch', 5, 200, option: 'lpi')]
        public float $lpi,
        #[Chosen('angle', '°', -180, 180, option: 'angle')]
        public float $angleDeg = self::SAFE_ANGLE,
    ) {
    }
}
