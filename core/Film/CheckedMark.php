<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/** A mark of a film, and how far it is off; null where it is none of the plan’s. */
final readonly class CheckedMark
{
    public function __construct(public Point $at, public ?float $offMm)
    {
    }
}
