<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

/** The shelves of the shop. */
enum ShelfKind: string
{
    case Inks = 'inks';
    case Frames = 'frames';
    case Lamps = 'lamps';
    case Emulsions = 'emulsions';
    case Presses = 'presses';
    case Printers = 'printers';
    case Meshes = 'meshes';
}
