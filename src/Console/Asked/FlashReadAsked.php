<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;

/** How warm the ink was after so long under the flash. */
final readonly class FlashReadAsked
{
    public function __construct(
        #[Within(0.1, 120, 's')]
        public float $seconds,
        #[Within(0, 400, '°C')]
        public float $surfaceC,
    ) {
    }
}
