<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/**
 * How a plate lies against the key. What the marks cannot tell is null and named in `unknown`.
 * `floorRmsMm` and `floorMaxMm` remain at the marks after the best shift and rotation.
 */
final readonly class Misfit
{
    /**
     * @param Point        $shift       at the centre of the print
     * @param float|null   $rotationDeg anticlockwise seen from above
     * @param RigidMove    $rigid       the best shift and rotation: what the press can mend
     * @param list<string> $unknown
     */
    public function __construct(
        public Point $shift,
        public ?float $rotationDeg,
        public Growth $growth,
        public ?float $shearDeg,
        public float $floorRmsMm,
        public float $floorMaxMm,
        public RigidMove $rigid,
        public array $unknown,
    ) {
    }
}
