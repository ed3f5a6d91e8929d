<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/** Art as pixels over its garment: sRGB, three bytes a pixel, rows from the top. */
final readonly class ArtRaster
{
    /**
     * @param bool $seeThrough whether the picture had transparent parts, which now show the garment
     * @param bool $lossy      whether its file kind blurs colours, as JPEG does
     */
    public function __construct(
        public int $width,
        public int $height,
        public string $rgb,
        public bool $seeThrough,
        public bool $lossy = false,
    ) {
    }

    /** Pixels per printed inch. */
    public function ppi(float $widthMm): float
    {
        return $this->width * 25.4 / $widthMm;
    }
}
