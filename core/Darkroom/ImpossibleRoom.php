<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

use Ektype\Core\Unit\Refusal;

/** Screens cannot be planned in such a room. */
final class ImpossibleRoom extends Refusal
{
}
