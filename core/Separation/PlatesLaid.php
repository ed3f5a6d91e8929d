<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** How the plates of a print make up a colour. */
enum PlatesLaid
{
    /** One over the other, in print order. */
    case Over;
    /** Dots beside each other, on the cloth. */
    case Beside;
    /** Squares beside each other, on a base where there is one. */
    case Squares;
}
