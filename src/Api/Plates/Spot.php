<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Request\Within;
use Ektype\Core\Unit\Point;

/** A point in mm from the top left corner. */
final readonly class Spot
{
    public function __construct(#[Within(-100, 3000, 'mm')] public float $x, #[Within(-100, 3000, 'mm')] public float $y)
    {
    }

    public function point(): Point
    {
        return new Point($this->x, $this->y);
    }
}
