<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Unit\Refusal;

/** These inks cannot print the picture, or there are none. */
final class ImpossibleMix extends Refusal
{
}
