<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/** How a figure came about, drawn beside it: a ring, a ring with a cross, a slashed ring. */
enum Sign: string
{
    case Reckoned = 'reckoned';
    case Measured = 'measured';
    case OutOfBounds = 'out_of_bounds';
}
