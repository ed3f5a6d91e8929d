<?php

declare(strict_types=1);

namespace Ektype\App\Api\Films;

use Ektype\App\Request\Within;
use Ektype\Core\Unit\Point;

/** Where a loupe lies on the films, how many mm it shows, and which film lies there alone. */
final readonly class TableLoupe
{
    public function __construct(
        #[Within(-100, 3000, 'mm')]
        public float $x,
        #[Within(-100, 3000, 'mm')]
        public float $y,
        #[Within(1, 60, 'mm')]
        public float $mm,
        #[Within(0, 99)]
        public ?int $alone = null,
    ) {
    }

    public function point(): Point
    {
        return new Point($this->x, $this->y);
    }
}
