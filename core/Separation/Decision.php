<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** What a printer may decide about a colour of the art. */
enum Decision: string
{
    case Merge = 'merge';
    case LeaveOpen = 'leave open';
    case PrintAgain = 'print again';
    case Split = 'split';
    case Lock = 'lock';
    case Highlight = 'highlight';
    case OnBase = 'on base';
    case Overprint = 'overprint';
    case Tint = 'tint';
    case Thicken = 'thicken';
    case ServeAsBase = 'serve as base';
}
