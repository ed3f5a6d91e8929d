<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Unit\Refusal;

/** No trend comes out of the readings of tension. */
final class UnusableTension extends Refusal
{
}
