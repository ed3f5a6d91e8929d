<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Task;

/** What long work there is. */
enum TaskKind: string
{
    case Separate = 'separate';
    case Films = 'films';
}
