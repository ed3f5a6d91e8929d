<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

/** How a press carries its screens. */
enum PressKind: string
{
    case Rotary = 'rotary';
    case Hinge = 'hinge';
    case LongTable = 'long table';
}
