<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

/** What a plate is for; it sets its place in the order, its mesh and its stencil. */
enum PlateRole: string
{
    case Base = 'base';
    case Colour = 'colour';
    case Highlight = 'highlight';
}
