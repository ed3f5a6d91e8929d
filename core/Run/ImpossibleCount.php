<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Unit\Refusal;

/** Something that is told of a run cannot have been so. */
final class ImpossibleCount extends Refusal
{
}
