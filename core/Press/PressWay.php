<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How a press carries its screens to the print. */
enum PressWay: string
{
    /** All screens at once about a centre; a hand brings them down one after the other. */
    case Rotary = 'rotary';
    /** All screens at once, all heads print at the same time; a flash takes a head. */
    case Automatic = 'automatic';
    /** One frame travels along the table from stop to stop; colour after colour. */
    case LongTable = 'long table';
    /** One frame in clamps; colour after colour. */
    case Hinge = 'hinge';

    /** Whether all screens are on the press together. */
    public function carriesAll(): bool
    {
        return $this === self::Rotary || $this === self::Automatic;
    }
}
