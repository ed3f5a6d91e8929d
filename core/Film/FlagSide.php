<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** On which side of a mark something stands, as one looks at the film. */
enum FlagSide: string
{
    case Right = 'right';
    case Left = 'left';
    case Above = 'above';
    case Below = 'below';

    /** @return array{int, int} right and down */
    public function way(): array
    {
        return match ($this) {
            self::Right => [1, 0],
            self::Left => [-1, 0],
            self::Above => [0, -1],
            self::Below => [0, 1],
        };
    }
}
