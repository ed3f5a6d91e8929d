<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

/** Art as pixels over its garment: sRGB, three bytes a pixel, rows from the top. */
final readonly class ArtRaster
{
    /**
     * @param bool         $seeThrough whether the picture had transparent parts, which now show the garment
     * @param bool         $lossy      whether its file kind blurs colours, as JPEG does
     * @param bool         $unsmoothed whether each pixel is wholly what it says, as in a drawing without smoothed edges
     * @param string|null  $alpha      how much each pixel covers, a byte a pixel; null where all are full or nobody told
     * @param bool         $calmed     whether its grain was taken off
     * @param string|null  $grey       a byte a pixel of a picture that is grey all over; null where nobody told
     * @param list<string> $remarks    plain sentences about what had to be taken for granted when it was opened
     */
    public function __construct(
        public int $width,
        public int $height,
        public string $rgb,
        public bool $seeThrough,
        public bool $lossy = false,
        public array $remarks = [],
        public bool $unsmoothed = false,
        public ?string $alpha = null,
        public bool $calmed = false,
        public ?string $grey = null,
    ) {
    }

    /** Pixels per printed inch. */
    public function ppi(float $widthMm): float
    {
        return $this->width * 25.4 / $widthMm;
    }
}
