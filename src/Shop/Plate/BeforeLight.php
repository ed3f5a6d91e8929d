<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

/** What is done before the light, in this order. */
enum BeforeLight: string
{
    case FilmPlaced = 'film placed';
    case GlassClean = 'glass clean';
    case LookedThrough = 'screen looked through';
    case FilmDry = 'film dry';
    case FilmTaped = 'film taped';
    case Contact = 'contact';

    /** @return list<self> imaged straight there is no film to lay down */
    public static function asked(bool $withoutFilm): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => !$withoutFilm || $one === self::LookedThrough));
    }
}
