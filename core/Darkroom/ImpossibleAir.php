<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

use Ektype\Core\Unit\Refusal;

/** The air of a room cannot be like that. */
final class ImpossibleAir extends Refusal
{
}
