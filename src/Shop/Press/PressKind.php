<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

use Ektype\Core\Press\PressWay;

/** How a press carries its screens. */
enum PressKind: string
{
    case Rotary = 'rotary';
    case Automatic = 'automatic';
    case Hinge = 'hinge';
    case LongTable = 'long table';

    public function way(): PressWay
    {
        return PressWay::from($this->value);
    }

    public function says(): string
    {
        return match ($this) {
            self::Rotary => 'Rotary press, heads about a centre',
            self::Automatic => 'Automatic, all heads at once',
            self::Hinge => 'Table with hinge clamps',
            self::LongTable => 'Long table with a rail',
        };
    }
}
