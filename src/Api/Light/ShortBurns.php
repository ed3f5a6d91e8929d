<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Within;

/** Short burns that look like one long burn. */
final readonly class ShortBurns
{
    public function __construct(
        #[Within(0.5, 7200, 's')]
        public float $longS,
        #[Within(0.1, 7200, 's')]
        public float $shortS,
        #[Within(2, 100)]
        public int $burns,
    ) {
    }
}
