<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** A process that did a part of the work was ended from outside; the work itself may be without fault. */
final class PieceBrokeOff extends \RuntimeException
{
}
