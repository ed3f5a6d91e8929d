<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

use Ektype\Core\Unit\Refusal;

/** Days cannot be planned so. */
final class ImpossibleDays extends Refusal
{
}
