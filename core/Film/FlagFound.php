<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/** A flag as it was seen on a film. */
final readonly class FlagFound
{
    public function __construct(public Point $mark, public FlagSide $side)
    {
    }
}
