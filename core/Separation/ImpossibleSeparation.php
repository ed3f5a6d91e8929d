<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Unit\Refusal;

/** The art cannot be separated like that. */
final class ImpossibleSeparation extends Refusal
{
}
