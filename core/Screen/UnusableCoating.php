<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Unit\Refusal;

/** A screen cannot be coated like that. */
final class UnusableCoating extends Refusal
{
}
