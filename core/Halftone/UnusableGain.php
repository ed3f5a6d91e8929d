<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Unit\Refusal;

/** No curve of a press comes out of these readings. */
final class UnusableGain extends Refusal
{
}
