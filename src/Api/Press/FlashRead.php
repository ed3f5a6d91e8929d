<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Action\Press\ReadFlash;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Flash\FlashSign;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Unit\Quantity;

/** A probe or a finger on the ink right after the flash. */
final readonly class FlashRead
{
    public function __construct(
        #[Bounded(Quantity::FlashSeconds)]
        public float $seconds,
        public FlashSign $sign = FlashSign::Probe,
        #[Within(0, 500, '°C')]
        public ?float $celsius = null,
        #[Bounded(Quantity::PlatenHeat)]
        public float $platenC = 30.0,
        #[Bounded(Quantity::FlashHeight)]
        public ?float $heightMm = null,
        public Substrate $substrate = Substrate::Cotton,
        #[Within(5, 500, 'µm')]
        public ?float $filmUm = null,
    ) {
    }

    public function change(int $press): ReadFlash
    {
        return new ReadFlash($press, $this->seconds, $this->sign, $this->celsius, $this->platenC, $this->heightMm, substrate: $this->substrate, filmUm: $this->filmUm);
    }
}
