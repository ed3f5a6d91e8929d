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
}
