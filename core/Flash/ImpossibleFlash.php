<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

use Ektype\Core\Unit\Refusal;

/** There is no such flash, or no such reading of it. */
final class ImpossibleFlash extends Refusal
{
}
