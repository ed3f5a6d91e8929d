<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/** How far to tap a corner of the frame, in the axes of the press from the centre of the print. */
final readonly class CornerTap
{
    public function __construct(public string $corner, public Point $at, public Point $by)
    {
    }
}
