<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * How a plate lies against the key. What the marks cannot tell is null and named in `unknown`.
 * `floorRmsMm` and `floorMaxMm` remain at the marks after the best shift and rotation.
 */
final readonly class Misfit
{
    /**
     * @param array{float, float}           $shiftMm      at the centre of the print
     * @param float|null                    $rotationDeg  anticlockwise seen from above
     * @param array{float|null, float|null} $growthPct    along x and y
     * @param float|null                    $alongLinePct growth along the line of the marks, where they lie on one
     * @param array{float, float, float}    $rigid        the best shift in mm and rotation in radians: what the press can mend
     * @param list<string>                  $unknown
     */
    public function __construct(
        public array $shiftMm,
        public ?float $rotationDeg,
        public array $growthPct,
        public ?float $alongLinePct,
        public ?float $lineDeg,
        public ?float $shearDeg,
        public float $floorRmsMm,
        public float $floorMaxMm,
        public array $rigid,
        public array $unknown,
    ) {
    }
}
