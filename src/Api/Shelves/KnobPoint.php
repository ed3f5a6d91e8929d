<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Request\Within;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Unit\Point;

/** A place or a direction, x to the operator’s right, y away from the operator. */
final readonly class KnobPoint
{
    public function __construct(
        #[Within(-Reading::FARTHEST_MM, Reading::FARTHEST_MM, 'mm')]
        public float $xMm,
        #[Within(-Reading::FARTHEST_MM, Reading::FARTHEST_MM, 'mm')]
        public float $yMm,
    ) {
    }

    public function point(): Point
    {
        return new Point($this->xMm, $this->yMm);
    }
}
