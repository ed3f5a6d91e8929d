<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Art\ArtFraming;

/** The picture as it was brought. */
final readonly class ArtBrought
{
    /**
     * @param float $artPpi pixels per inch of print; 0 for a drawing
     */
    public function __construct(
        public string $artName,
        public string $artKind,
        public int $artWidthPx,
        public int $artHeightPx,
        public float $artPpi,
        public ArtFraming $framing,
    ) {
    }
}
