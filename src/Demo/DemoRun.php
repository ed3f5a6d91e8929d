<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

/** How far the run of a demo job is. */
enum DemoRun: string
{
    /** Its pieces are being counted. */
    case Going = 'going';
    /** It is in its boxes, and ordered again since. */
    case Done = 'done';
}
