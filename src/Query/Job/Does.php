<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What the button of a next step does. */
enum Does: string
{
    case Go = 'go';
    case Separate = 'separate';
    case Films = 'films';
}
