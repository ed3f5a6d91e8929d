<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** How many pixels a picture has across and down. */
final readonly class PixelSize
{
    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    public function __construct(public int $width, public int $height)
    {
    }
}
