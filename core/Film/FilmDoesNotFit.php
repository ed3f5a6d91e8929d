<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Refusal;

/** A film does not go on the media of its printer. */
final class FilmDoesNotFit extends Refusal
{
}
