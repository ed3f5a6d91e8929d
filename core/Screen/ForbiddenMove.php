<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Unit\Refusal;

/** A frame cannot be treated like that as it stands. */
final class ForbiddenMove extends Refusal
{
}
