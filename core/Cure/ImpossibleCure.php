<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Unit\Refusal;

/** Nothing can be cured so. */
final class ImpossibleCure extends Refusal
{
}
