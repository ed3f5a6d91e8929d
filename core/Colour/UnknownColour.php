<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

use Ektype\Core\Unit\Refusal;

/** A colour cannot be read. */
final class UnknownColour extends Refusal
{
}
