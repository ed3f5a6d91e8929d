<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Unit\Refusal;

/** Nothing can run like that, or be pressed down like that. */
final class ImpossibleRun extends Refusal
{
}
