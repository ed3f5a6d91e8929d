<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Unit\Refusal;

/** A scan shows no strike-off of these films. */
final class UnreadableStrikeOff extends Refusal
{
}
