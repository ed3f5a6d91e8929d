<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

use Ektype\Core\Unit\Refusal;

/** A kept plane is not as it was written. */
final class DamagedPlane extends Refusal
{
}
