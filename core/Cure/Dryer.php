<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Unit\Chosen;

/** A tunnel with hot air from above and below, and panels that glow over the belt. */
final readonly class Dryer
{
    /** @throws ImpossibleCure where there is no such dryer */
    public function __construct(
        #[Chosen('name')]
        public string $name = 'The dryer',
        #[Chosen('tunnel', 'mm', 300, 20_000)]
        public float $tunnelMm = 1_800.0,
        #[Chosen('belt, slowest', 'm/min', 0.05, 20)]
        public float $slowestMMin = 0.3,
        #[Chosen('belt, fastest', 'm/min', 0.1, 40)]
        public float $fastestMMin = 4.0,
        #[Chosen('belt, width', 'mm', 200, 4_000)]
        public float $beltMm = 760.0,
        #[Chosen('air', '°C', 20, 260)]
        public float $airC = 165.0,
        #[Chosen('panels', '°C', 0, 800, '0 where none glow')]
        public float $panelC = 180.0,
        #[Chosen('moving air', 'W/m²K', 4, 200, 'about 12 still, 40 blown, 80 in jets')]
        public float $blows = 36.0,
        #[Chosen('heat against the usual', '', 0.2, 5)]
        public float $times = 1.0,
    ) {
        if (trim($name) === '' || mb_strlen($name) > 60) {
            throw ImpossibleCure::at('name', 'A dryer needs a name of up to 60 letters.');
        }
        if ($slowestMMin >= $fastestMMin) {
            throw ImpossibleCure::at('fastestMMin', \sprintf('The belt cannot go %g m/min at the fastest when it goes %g at the slowest. Swap them, or look at its plate.', $fastestMMin, $slowestMMin));
        }
    }

    /** So much more or less heat than it is said to give, as its probe runs have it. */
    public function heating(float $times): self
    {
        return new self($this->name, $this->tunnelMm, $this->slowestMMin, $this->fastestMMin, beltMm: $this->beltMm, airC: $this->airC, panelC: $this->panelC, blows: $this->blows, times: $times);
    }

    /** Seconds in the tunnel at a belt speed. */
    public function dwellS(float $mMin): float
    {
        return $this->tunnelMm / 1000 / $mMin * 60;
    }

    /** Belt speed for so many seconds in the tunnel, m/min. */
    public function beltMMin(float $dwellS): float
    {
        return $this->tunnelMm / 1000 / $dwellS * 60;
    }

    /** Garments an hour that lie on the belt, each of such a length along it. */
    public function anHour(float $mMin, float $alongMm = 700.0, float $acrossMm = 560.0): float
    {
        return max(1, (int) floor($this->beltMm / $acrossMm)) * 60_000 * $mMin / $alongMm;
    }
}
