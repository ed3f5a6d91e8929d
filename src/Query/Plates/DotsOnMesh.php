<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\Core\Halftone\Dot;

/** The dots of a plate against the mesh that they print through. */
final readonly class DotsOnMesh
{
    /**
     * @param float  $holdsFrom lightest tone on film that the mesh holds, %
     * @param float  $madeFrom  lightest tone that the plate was brought into, %
     * @param float  $lostPct   of the print: its dots are too small for the mesh
     * @param float  $filledPct of the print: its holes close
     * @param string $says      a plain sentence
     */
    public function __construct(
        public float $lpi,
        public float $angleDeg,
        public Dot $dot,
        public float $holdsFrom,
        public float $holdsTo,
        public float $madeFrom,
        public float $madeTo,
        public float $lostPct,
        public float $filledPct,
        public string $says,
    ) {
    }
}
