<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Unit\Refusal;

/** A gauge reading cannot be emulsion over mesh. */
final class UnusableGauge extends Refusal
{
}
