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
    /** All plates on one page, each in its own named colour. */
    case Inks = 'inks';
    /** All plates in one TIFF, each a named channel. */
    case Channels = 'channels';

    /** Whether the light table reads it back. */
    public function isReadBack(): bool
    {
        return match ($this) {
            self::Pdf, self::Png, self::Tiff => true,
            default => false,
        };
    }

    /** The file of a whole set in one; null where a plate has a file of its own. */
    public function together(): ?string
    {
        return match ($this) {
            self::Pdf => 'films.pdf',
            self::Inks => 'inks.pdf',
            self::Channels => 'channels.tif',
            default => null,
        };
    }
}
