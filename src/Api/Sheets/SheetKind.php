<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** What goes out and comes in as a table. */
enum SheetKind: string
{
    case Rack = 'rack';
    case Inks = 'inks';
    case Tests = 'step-tests';
    case Tensions = 'tensions';
}
