<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

/** How a press carries its screens. */
enum PressKind: string
{
    case Rotary = 'rotary';
    case Hinge = 'hinge';
    case LongTable = 'long table';

    public function says(): string
    {
        return match ($this) {
            self::Rotary => 'Rotary press, heads about a centre',
            self::Hinge => 'Table with hinge clamps',
            self::LongTable => 'Long table with a rail',
        };
    }
}
