<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** Why the press stands. */
enum StopReason: string
{
    case Ink = 'ink';
    case Screen = 'screen';
    case Register = 'register';
    case Flash = 'flash';
    case Dryer = 'dryer';
    case Garments = 'garments';
    case Break = 'break';
    case Other = 'something else';
}
