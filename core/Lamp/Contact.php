<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

/** How the film is held against the stencil. */
enum Contact: string
{
    case Vacuum = 'vacuum';
    case Foam = 'foam';
    case Loose = 'loose';
    case WithoutFilm = 'without_film';

    public function says(): string
    {
        return match ($this) {
            self::Vacuum => 'vacuum',
            self::Foam => 'foam and an even weight',
            self::Loose => 'laid on, or under a stiff board',
            self::WithoutFilm => 'imaged straight, no film',
        };
    }

    /** Gap between film and stencil that is left, mm (heuristic). */
    public function gapMm(): float
    {
        return match ($this) {
            self::Vacuum => 0.02,
            self::Foam => 0.06,
            self::Loose => 0.3,
            self::WithoutFilm => 0.0,
        };
    }
}
