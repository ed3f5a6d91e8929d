<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Ektype\Core\Unit\Refusal;

/** What is to be looked at is not there yet. */
final class NothingToSee extends Refusal
{
}
