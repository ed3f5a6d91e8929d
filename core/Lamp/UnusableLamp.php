<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

use Ektype\Core\Unit\Refusal;

/** A lamp is not as it was told. */
final class UnusableLamp extends Refusal
{
}
