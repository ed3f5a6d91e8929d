<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Refusal;

/** A misfit cannot be fitted to the readings. */
final class UnusableReadings extends Refusal
{
}
