<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Within;

/** How long a lamp is to light. */
final readonly class LightFor
{
    public function __construct(
        #[Within(0.1, 7200, 's')]
        public float $seconds,
    ) {
    }
}
