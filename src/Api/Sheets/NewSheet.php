<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** A table that is brought; all of it is in the file. */
final readonly class NewSheet
{
}
