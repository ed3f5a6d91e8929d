<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** What a film is printed on. Schools disagree which lets more light through: step tests tell it for each lamp and emulsion. */
enum FilmMedium: string
{
    case Clear = 'clear film';
    case Vellum = 'vellum';

    /** As exposure knows it: clear film is the reference, which needs no name. */
    public function underLight(): string
    {
        return $this === self::Clear ? '' : $this->value;
    }
}
