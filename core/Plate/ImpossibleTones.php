<?php

declare(strict_types=1);

namespace Ektype\Core\Plate;

use Ektype\Core\Unit\Refusal;

/** A plate cannot have such tones. */
final class ImpossibleTones extends Refusal
{
}
