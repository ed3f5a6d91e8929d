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

    /** What is done before the light, as a card says it. */
    public function drawn(): string
    {
        return match ($this) {
            self::Vacuum => 'Vacuum drawn until the rings in the glass stand still; no frame edge holds the glass off',
            self::Foam => 'Foam on the inside of the screen and an even weight on it: no stiff board, no corner left light',
            self::Loose => 'Foam and an even weight in place of a loose board: poor contact loses more detail than a wrong time',
            self::WithoutFilm => 'Imaged straight: nothing lies between light and stencil',
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
