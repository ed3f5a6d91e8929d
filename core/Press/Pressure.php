<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How hard a squeegee is pressed. */
enum Pressure: string
{
    case Light = 'light hand';
    case Firm = 'firm and steady';
}
