<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Flash\FlashCurve;
use Ektype\Core\Flash\FlashKind;
use Ektype\Core\Flash\FlashLearned;
use Ektype\Core\Flash\FlashReading;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A flash over a print. */
final readonly class FlashAsked
{
    /** A panel as most shops have it, mm. */
    private const SIDE_MM = 400.0;

    /**
     * @param float                $clothHeat heat that the cloth holds, against what is usual for it
     * @param list<FlashReadAsked> $readings  of the surface, by which the curve is this shop’s own
     */
    public function __construct(
        #[Bounded(Quantity::FlashHeight)]
        public float $heightMm,
        #[Within(0.1, 20, 'W/cm²')]
        public float $wattCm2 = 1.9,
        #[Within(5, 500, 'µm')]
        public float $filmUm = 60.0,
        #[Within(0.5, 4)]
        public float $clothHeat = 1.0,
        public Substrate $cloth = Substrate::Cotton,
        public FlashKind $kind = FlashKind::Panel,
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

    public function learned(): FlashLearned
    {
        $usual = $this->curve(1.0);

        return FlashLearned::of(array_map(static fn (FlashReadAsked $r): FlashReading => FlashReading::of($usual, $r->seconds, $r->sign, $r->surfaceC), $this->readings));
    }

    public function curve(float $times): FlashCurve
    {
        return new FlashCurve(new FlashUnit($this->kind, $this->wattCm2 * self::SIDE_MM ** 2 / 100, self::SIDE_MM, self::SIDE_MM, $this->heightMm), $this->filmUm, Underlay::of($this->cloth)->holding($this->clothHeat), $this->platenC, $this->roomC, times: $times);
    }
}
