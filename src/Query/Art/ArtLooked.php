<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Art\ArtFraming;

/** What a picture is before it is a job. */
final readonly class ArtLooked
{
    /**
     * @param ArtFraming $ink               the part that has ink
     * @param float      $heightPerWidth    of the whole picture
     * @param float      $inkHeightPerWidth of the part that has ink
     * @param string     $printer           the film printer that a new job gets
     * @param float      $largestMm         widest print of the whole picture whose films that printer takes; 0 where it takes none
     * @param float      $largestInkMm      the same of the part that has ink
     */
    public function __construct(
        public ArtFraming $ink,
        public float $heightPerWidth,
        public float $inkHeightPerWidth,
        public string $printer,
        public float $mediaWidthMm,
        public float $largestMm,
        public float $largestInkMm,
    ) {
    }
}
