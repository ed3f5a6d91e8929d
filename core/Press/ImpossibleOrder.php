<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Unit\Refusal;

/** There is no such order. */
final class ImpossibleOrder extends Refusal
{
}
