<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

use Ektype\Core\Unit\Refusal;

/** A price cannot be reckoned so. */
final class ImpossiblePrice extends Refusal
{
}
