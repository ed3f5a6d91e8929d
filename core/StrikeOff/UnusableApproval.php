<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Unit\Refusal;

/** A strike-off cannot be judged with what was told. */
final class UnusableApproval extends Refusal
{
}
