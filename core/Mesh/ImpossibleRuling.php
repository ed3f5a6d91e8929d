<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Unit\Refusal;

/** A ruling cannot be printed through mesh. */
final class ImpossibleRuling extends Refusal
{
}
