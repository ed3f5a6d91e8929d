<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Backup;

use Ektype\Core\Unit\Refusal;

/** A backup that cannot be made or opened. */
final class UnusableBackup extends Refusal
{
}
