<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How fast a squeegee goes over. */
enum Speed: string
{
    case Slow = 'slow';
    case Steady = 'steady';
    case Brisk = 'brisk';
}
