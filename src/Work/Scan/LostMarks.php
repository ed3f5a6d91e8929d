<?php

declare(strict_types=1);

namespace Ektype\App\Work\Scan;

use Ektype\Core\Unit\Refusal;

/** The marks of a scan are not where they belong, so it cannot be laid. */
final class LostMarks extends Refusal
{
}
