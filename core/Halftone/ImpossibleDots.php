<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Unit\Refusal;

/** No film holds these dots. */
final class ImpossibleDots extends Refusal
{
}
