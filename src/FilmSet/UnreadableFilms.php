<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Unit\Refusal;

/** Films cannot be read. */
final class UnreadableFilms extends Refusal
{
}
