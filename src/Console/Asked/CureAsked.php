<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Cure\CurePlan;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Substrate;

/** A print in a dryer. */
final readonly class CureAsked
{
    public function __construct(
        #[Within(1, 1000, 'µm')]
        public float $filmUm,
        public Substrate $cloth = Substrate::Cotton,
        public InkKind $ink = InkKind::Plastisol,
        #[Within(300, 20_000, 'mm')]
        public float $tunnelMm = 1_800.0,
        #[Within(20, 260, '°C')]
        public float $airC = 165.0,
        #[Within(0, 800, '°C')]
        public float $panelC = 180.0,
        #[Within(4, 200, 'W/m²K')]
        public float $blows = 36.0,
        #[Within(0.05, 20, 'm/min')]
        public float $slowestMMin = 0.3,
        #[Within(0.1, 40, 'm/min')]
        public float $fastestMMin = 4.0,
        public bool $trims = false,
    ) {
    }

    public function need(): ?CureNeed
    {
        return $this->ink->traits()->cure();
    }

    public function plan(CureNeed $need): CurePlan
    {
        return CurePlan::of(new Dryer(tunnelMm: $this->tunnelMm, slowestMMin: $this->slowestMMin, fastestMMin: $this->fastestMMin, airC: $this->airC, panelC: $this->panelC, blows: $this->blows), $this->filmUm, $this->cloth, $need, $this->trims);
    }
}
