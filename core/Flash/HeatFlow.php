<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/**
 * Heat through ink, cloth and platen, in one dimension: conduction ρc ∂T/∂t = ∂/∂z (k ∂T/∂z), the flash’s heat taken up at the surface,
 * air and radiation taking it away there, the platen’s core held at its warmth. Stepped implicitly, so that long steps are sound.
 */
final class HeatFlow
{
    public const STEP_S = 0.2;
    /** Ink: W/(m K), J/(m³ K) (plastisol; heuristic). The pad of the platen: thickness, W/(m K), J/(m³ K) (rubber; heuristic). */
    private const INK = [0.18, 1.9e6];
    private const PAD = [3.0, 0.17, 1.5e6];
    /** Cloth lies loosely on the pad: m² K/W between them (heuristic). */
    private const LOOSE = 0.004;
    private const CELLS = [3, 6, 4];
    /** Still air over a warm surface, W/(m² K); how black ink is; Stefan and Boltzmann’s constant, W/(m² K⁴). */
    private const AIR = 9.0;
    private const BLACK = 0.92;
    private const SIGMA = 5.670374e-8;
    private const KELVIN = 273.15;

    /** @var list<float> thickness of the cells, m */
    private array $deep = [];
    /** @var list<float> W/(m² K) from the middle of each cell to that of the next, the last to the platen’s core */
    private array $flows = [];
    /** @var list<float> J/(m² K) of each cell */
    private array $heat = [];
    /** @var list<float> °C, from the surface down */
    private array $warm;

    public function __construct(float $filmUm, Underlay $under, private readonly float $platenC, private readonly float $roomC)
    {
        $layers = [[1e-6 * $filmUm, ...self::INK], [1e-3 * $under->thicknessMm, $under->conducts, $under->holds], [1e-3 * self::PAD[0], self::PAD[1], self::PAD[2]]];
        $resists = [];
        foreach ($layers as $i => [$thick, $conducts, $holds]) {
            for ($k = 0; $k < self::CELLS[$i]; ++$k) {
                $this->deep[] = $thick / self::CELLS[$i];
                $this->heat[] = $holds * $thick / self::CELLS[$i];
                $resists[] = $thick / self::CELLS[$i] / $conducts;
            }
        }
        foreach ($resists as $i => $own) {
            $this->flows[] = 2 / ($own + ($resists[$i + 1] ?? 0.0) + ($i === self::CELLS[0] + self::CELLS[1] - 1 ? 2 * self::LOOSE : 0.0));
        }
        $this->warm = array_fill(0, \count($this->heat), $platenC);
    }

    /** °C of the surface: half a cell of ink above the middle of the first, with the heat that flows through it. */
    public function surfaceC(float $onInk): float
    {
        return $this->warm[0] + ($onInk - $this->lost($this->warm[0])) * $this->deep[0] / 2 / self::INK[0];
    }

    /** @param float $onInk heat taken up, W/m² */
    public function step(float $onInk): void
    {
        $n = \count($this->warm);
        // What air and radiation take is linear about the warmth that there is.
        $away = self::AIR + 4 * self::BLACK * self::SIGMA * ($this->warm[0] + self::KELVIN) ** 3;
        $constant = $onInk - $this->lost($this->warm[0]) + $away * $this->warm[0];
        $upper = $right = [];
        $last = 0.0;
        for ($i = 0; $i < $n; ++$i) {
            $store = $this->heat[$i] / self::STEP_S;
            $above = $i === 0 ? 0.0 : $this->flows[$i - 1];
            $below = $this->flows[$i];
            $middle = $store + $above + $below + ($i === 0 ? $away : 0.0);
            $given = $store * $this->warm[$i] + ($i === 0 ? $constant : 0.0) + ($i === $n - 1 ? $below * $this->platenC : 0.0);
            // Thomas: what lies above is taken out.
            $divide = $middle - $above * ($i === 0 ? 0.0 : $upper[$i - 1]);
            $upper[] = ($i === $n - 1 ? 0.0 : $below) / $divide;
            $last = ($given + $above * $last) / $divide;
            $right[] = $last;
        }
        for ($i = $n - 2; $i >= 0; --$i) {
            $right[$i] += $upper[$i] * $right[$i + 1];
        }
        $this->warm = array_values($right);
    }

    /** W/m² to air and room. */
    private function lost(float $celsius): float
    {
        return self::AIR * ($celsius - $this->roomC) + self::BLACK * self::SIGMA * (($celsius + self::KELVIN) ** 4 - ($this->roomC + self::KELVIN) ** 4);
    }
}
