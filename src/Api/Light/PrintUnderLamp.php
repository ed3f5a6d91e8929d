<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Within;

/** What must be lit evenly, and its time where the lamp stands now. */
final readonly class PrintUnderLamp
{
    public function __construct(
        #[Within(10, 5000, 'mm')]
        public float $widthMm,
        #[Within(10, 5000, 'mm')]
        public float $heightMm,
        #[Within(0.1, 7200, 's')]
        public float $seconds,
    ) {
    }
}
