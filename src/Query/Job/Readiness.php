<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** Whether a plate is ready at a stage. */
enum Readiness: string
{
    case Ready = 'ready';
    case Open = 'open';
    case Out = 'out';
    case Waiting = 'waiting';
}
