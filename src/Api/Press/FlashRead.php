<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Action\Press\ReadFlash;
use Ektype\App\Request\Within;
use Ektype\Core\Press\FlashCurve;

/** A probe on the ink under a flash. */
final readonly class FlashRead
{
    public function __construct(
        #[Within(10, 300, 'mm')]
        public float $heightMm,
        #[Within(0.5, 120, 's')]
        public float $seconds,
        #[Within(20, 260, '°C')]
        public float $celsius,
        #[Within(5, 100, '°C')]
        public float $platenC = 30.0,
    ) {
    }

    public function change(int $press): ReadFlash
    {
        return new ReadFlash($press, FlashCurve::of($this->heightMm, startC: $this->platenC), $this->seconds, $this->celsius);
    }
}
