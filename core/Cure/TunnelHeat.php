<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Flash\Underlay;

/**
 * Heat through a printed garment in a tunnel, in one dimension: ρc ∂T/∂t = ∂/∂z (k ∂T/∂z) through ink film and cloth, front and
 * back loosely on each other; hot air above and below (Newton), panels above (Stefan and Boltzmann). While the film holds water,
 * what its vapour carries off is taken out at the surface (mass flow by the analogy of heat and mass, Lewis number one; pressure
 * of vapour after Magnus). Stepped implicitly in conduction, so that steps of a tenth of a second are sound.
 */
final class TunnelHeat
{
    public const STEP_S = 0.1;
    /** Ink: W/(m K), J/(m³ K) (heuristic). */
    private const INK = [0.18, 1.9e6];
    /** Front and back lie loosely: m² K/W (heuristic). */
    private const LOOSE = 0.012;
    /** Of the moving air so much comes through the belt from below (heuristic). */
    private const BELOW = 0.45;
    private const BLACK = 0.92;
    private const SIGMA = 5.670374e-8;
    private const KELVIN = 273.15;
    private const VAPOUR_J_KG = 2.3e6;
    private const AIR_J_M3_K = 1000.0;
    private const VAPOUR_KG_M3_PA_K = 1 / 461.5;
    private const INK_CELLS = 3;
    private const CLOTH_CELLS = 8;

    /** @var list<float> J/(m² K) of each cell */
    private array $heat = [];
    /** @var list<float> W/(m² K) from each cell to the next */
    private array $flows = [];
    /** @var list<float> °C, from the surface down */
    private array $warm;
    private readonly float $topCell;

    /** @param float $waterG m² of film that is water still to go */
    public function __construct(float $filmUm, Underlay $cloth, private readonly Dryer $dryer, private float $waterG, float $roomC = 22.0)
    {
        $cells = [];
        for ($i = 0; $i < self::INK_CELLS; ++$i) {
            $cells[] = [1e-6 * $filmUm / self::INK_CELLS, self::INK[0], self::INK[1], 0.0];
        }
        foreach ([0.0, self::LOOSE] as $loose) {
            for ($i = 0; $i < self::CLOTH_CELLS; ++$i) {
                $cells[] = [1e-3 * $cloth->thicknessMm / self::CLOTH_CELLS, $cloth->conducts, $cloth->holds, $i === 0 ? $loose : 0.0];
            }
        }
        foreach ($cells as $i => [$thick, $conducts, $holds]) {
            $this->heat[] = $thick * $holds;
            if (isset($cells[$i + 1])) {
                [$next, $nextConducts, , $loose] = $cells[$i + 1];
                $this->flows[] = 1 / ($thick / 2 / $conducts + $loose + $next / 2 / $nextConducts);
            }
        }
        $this->topCell = $cells[0][0] / 2 / $cells[0][1];
        $this->warm = array_fill(0, \count($cells), $roomC);
    }

    /** °C of the surface: what a gun that sees only the print would read; half a cell above the middle of the first. */
    public function surfaceC(): float
    {
        return $this->warm[0] + $this->intoTop($this->warm[0]) * $this->topCell;
    }

    /** °C where the film lies on the cloth: the film is cured when this is. */
    public function throughC(): float
    {
        $last = self::INK_CELLS - 1;

        return $this->warm[$last] - $this->flows[$last] * ($this->warm[$last] - $this->warm[$last + 1]) * $this->topCell;
    }

    public function waterG(): float
    {
        return $this->waterG;
    }

    public function step(): void
    {
        $n = \count($this->warm);
        $top = $this->intoTop($this->warm[0]) - $this->vapour();
        $bottom = $this->dryer->times * self::BELOW * $this->dryer->blows * ($this->dryer->airC - $this->warm[$n - 1]);
        $upper = $right = [];
        $last = 0.0;
        for ($i = 0; $i < $n; ++$i) {
            $store = $this->heat[$i] / self::STEP_S;
            $above = $i === 0 ? 0.0 : $this->flows[$i - 1];
            $below = $i === $n - 1 ? 0.0 : $this->flows[$i];
            $given = $store * $this->warm[$i] + ($i === 0 ? $top : 0.0) + ($i === $n - 1 ? $bottom : 0.0);
            $divide = $store + $above + $below - $above * ($i === 0 ? 0.0 : $upper[$i - 1]);
            $upper[] = $below / $divide;
            $last = ($given + $above * $last) / $divide;
            $right[] = $last;
        }
        for ($i = $n - 2; $i >= 0; --$i) {
            $right[$i] += $upper[$i] * $right[$i + 1];
        }
        $this->warm = array_values($right);
    }

    /** W/m² from air and panels. */
    private function intoTop(float $celsius): float
    {
        $glow = $this->dryer->panelC <= 0 ? 0.0 : self::BLACK * self::SIGMA * (($this->dryer->panelC + self::KELVIN) ** 4 - ($celsius + self::KELVIN) ** 4);

        return $this->dryer->times * ($this->dryer->blows * ($this->dryer->airC - $celsius) + max(0.0, $glow));
    }

    /** W/m² that vapour carries off in this step; the water is less by it. */
    private function vapour(): float
    {
        if ($this->waterG <= 0) {
            return 0.0;
        }
        $celsius = min(99.9, $this->warm[0]);
        $pressure = 611.2 * exp(17.62 * $celsius / (243.12 + $celsius));
        $kg = $this->dryer->blows / self::AIR_J_M3_K * $pressure * self::VAPOUR_KG_M3_PA_K / ($celsius + self::KELVIN);
        $gone = min($this->waterG, 1000 * $kg * self::STEP_S);
        $this->waterG -= $gone;

        return $gone / 1000 * self::VAPOUR_J_KG / self::STEP_S;
    }
}
