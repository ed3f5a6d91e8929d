<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Unit\Refusal;

/** The log of a probe cannot be read. */
final class UnreadableLog extends Refusal
{
}
