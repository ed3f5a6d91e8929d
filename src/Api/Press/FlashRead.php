<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Action\Press\ReadFlash;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Press\FlashCurve;
use Ektype\Core\Unit\Quantity;

/** A probe on the ink under a flash. */
final readonly class FlashRead
{
    public function __construct(
        #[Bounded(Quantity::FlashHeight)]
        public float $heightMm,
        #[Bounded(Quantity::FlashSeconds)]
        public float $seconds,
        #[Within(20, 260, '°C')]
        public float $celsius,
        #[Bounded(Quantity::PlatenHeat)]
        public float $platenC = 30.0,
    ) {
    }

    public function change(int $press): ReadFlash
    {
        return new ReadFlash($press, FlashCurve::of($this->heightMm, startC: $this->platenC), $this->seconds, $this->celsius);
    }
}
