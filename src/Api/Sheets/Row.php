<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

/** A row of a sheet, read and within its bounds. */
interface Row
{
}
