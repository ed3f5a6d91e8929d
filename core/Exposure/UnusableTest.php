<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Unit\Refusal;

/** Nothing can be learned from a step test. */
final class UnusableTest extends Refusal
{
}
