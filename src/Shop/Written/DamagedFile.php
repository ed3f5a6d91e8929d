<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Written;

use Ektype\Core\Unit\Refusal;

/** A file of the shop is missing, or is not as it was written. */
final class DamagedFile extends Refusal
{
}
