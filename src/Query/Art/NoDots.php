<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Unit\Refusal;

/** The job has no dots to look at. */
final class NoDots extends Refusal
{
}
