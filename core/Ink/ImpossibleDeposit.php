<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Unit\Refusal;

/** The ink that a mesh lays down cannot be reckoned. */
final class ImpossibleDeposit extends Refusal
{
}
