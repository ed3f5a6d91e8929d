<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Flash\FlashSign;
use Ektype\Core\Unit\Quantity;

/** How warm the ink was, or how it felt, after so long under the flash. */
final readonly class FlashReadAsked
{
    public function __construct(
        #[Bounded(Quantity::FlashSeconds)]
        public float $seconds,
        #[Within(0, 400, '°C')]
        public ?float $surfaceC = null,
        public FlashSign $sign = FlashSign::Probe,
    ) {
    }
}
