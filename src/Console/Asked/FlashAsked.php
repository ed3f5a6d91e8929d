<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Press\FlashCurve;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A flash over a print. */
final readonly class FlashAsked
{
    /** @param list<FlashReadAsked> $readings of the surface, by which the curve is this shop’s own */
    public function __construct(
        #[Bounded(Quantity::FlashHeight)]
        public float $heightMm,
        #[Within(0.1, 20, 'W/cm²')]
        public float $wattCm2 = 1.9,
        #[Within(5, 500, 'µm')]
        public float $filmUm = 60.0,
        #[Within(0.5, 4)]
        public float $clothHeat = 1.0,
        #[Bounded(Quantity::PlatenHeat)]
        public float $platenC = 30.0,
        #[Within(-10, 50, '°C')]
        public float $roomC = 22.0,
        #[Bounded(Quantity::FlashSeconds)]
        public ?float $seconds = null,
        #[Assert\Valid]
        public array $readings = [],
    ) {
    }

    public function curve(): FlashCurve
    {
        $usual = FlashCurve::of($this->heightMm, $this->wattCm2, $this->filmUm, $this->clothHeat, $this->platenC, $this->roomC);
        if ($this->readings === []) {
            return $usual;
        }
        // The mean of the logarithms of what each reading says, the usual counting as one of them.
        $sum = log($usual->heatsS);
        foreach ($this->readings as $reading) {
            $sum += log($usual->learned($reading->seconds, $reading->surfaceC));
        }
        $mean = exp($sum / (\count($this->readings) + 1));

        return FlashCurve::heating($usual, $mean);
    }
}
