<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** How much of each place is printed, one byte a place: 0 nothing, 255 all. */
final readonly class ToneRaster
{
    public function __construct(public int $width, public int $height, public string $tones)
    {
        if (\strlen($tones) !== $width * $height) {
            throw new \LengthException(\sprintf('%d × %d tones are %d bytes; %d were given.', $width, $height, $width * $height, \strlen($tones)));
        }
    }
}
