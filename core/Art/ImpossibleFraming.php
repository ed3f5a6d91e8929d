<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Unit\Refusal;

/** A part of a picture cannot be taken. */
final class ImpossibleFraming extends Refusal
{
}
