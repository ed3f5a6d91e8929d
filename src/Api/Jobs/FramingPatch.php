<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ImpossibleFraming;

/** The part of the art that prints, as shares of it, with its turn in degrees anticlockwise. */
final readonly class FramingPatch
{
    public function __construct(
        public float $left = 0.0,
        public float $top = 0.0,
        public float $width = 1.0,
        public float $height = 1.0,
        public float $turnDeg = 0.0,
        public bool $mirror = false,
    ) {
    }

    public function framing(): ArtFraming
    {
        try {
            return new ArtFraming($this->left, $this->top, $this->width, $this->height, $this->turnDeg, $this->mirror);
        } catch (ImpossibleFraming $not) {
            throw $not->within('framing');
        }
    }
}
