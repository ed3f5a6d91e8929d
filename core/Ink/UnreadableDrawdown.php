<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Unit\Refusal;

/** A drawdown that tells nothing. */
final class UnreadableDrawdown extends Refusal
{
}
