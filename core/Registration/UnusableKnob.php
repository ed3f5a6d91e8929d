<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Refusal;

/** A knob cannot mend anything. */
final class UnusableKnob extends Refusal
{
}
