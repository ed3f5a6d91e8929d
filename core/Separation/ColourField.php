<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/**
 * Which colour owns each pixel of the art. A pure pixel belongs wholly to `first`; a pixel on a smoothed edge
 * belongs to `first` and, by `share` of 255, to `second`. One byte a pixel each; the bytes are palette leaders.
 */
final readonly class ColourField
{
    /** @param string $share empty where no pixel is mixed */
    public function __construct(
        public int $width,
        public int $height,
        public string $first,
        public string $second,
        public string $share,
    ) {
    }
}
