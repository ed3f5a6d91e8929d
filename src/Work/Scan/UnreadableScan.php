<?php

declare(strict_types=1);

namespace Ektype\App\Work\Scan;

use Ektype\Core\Unit\Refusal;

/** The scan of a drawn plate cannot be used. */
final class UnreadableScan extends Refusal
{
}
