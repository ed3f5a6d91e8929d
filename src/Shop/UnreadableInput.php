<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Ektype\Core\Unit\Refusal;

/** What was written cannot be read. */
final class UnreadableInput extends Refusal
{
}
