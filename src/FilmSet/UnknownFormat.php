<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Unit\Refusal;

/** Films cannot be written like that. */
final class UnknownFormat extends Refusal
{
}
