<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Unit\Refusal;

/** A tone, a bend or an ink that no picture can be printed with. */
final class ImpossibleTone extends Refusal
{
}
