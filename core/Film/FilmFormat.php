<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** How a film is written. */
enum FilmFormat: string
{
    case Pdf = 'pdf';
    case Png = 'png';
    case Tiff = 'tiff';
    case Svg = 'svg';

    /** Whether the light table reads it back. */
    public function isReadBack(): bool
    {
        return $this !== self::Svg;
    }
}
