<?php

declare(strict_types=1);

namespace Ektype\App\Action;

use Ektype\Core\Unit\Refusal;

/** A change cannot be made as the shop stands. */
final class Refused extends Refusal
{
}
