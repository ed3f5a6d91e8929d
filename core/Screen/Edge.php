<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** Which edge of the trough coats. */
enum Edge: string
{
    case Sharp = 'sharp';
    case Round = 'round';
}
