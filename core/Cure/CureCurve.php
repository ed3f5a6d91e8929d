<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;

/** A print on its way through the tunnel. */
final readonly class CureCurve
{
    /** Drawn every so many steps. */
    private const EVERY = 10;

    /**
     * @param list<CurePoint> $points
     * @param float           $peakC    through the film
     * @param float           $surfaceC at the most
     * @param float           $overS    through the film at the least that cures
     * @param float|null      $dryS     until its water is gone; null where it has none or keeps some
     * @param bool            $wet      whether it leaves the tunnel with water in it
     */
    private function __construct(public array $points, public float $peakC, public float $surfaceC, public float $overS, public ?float $dryS, public bool $wet)
    {
    }

    /** Seconds in the tunnel after which such a film is first cured, a few degrees over what cures it; null where it is not by then. */
    public static function until(Dryer $dryer, float $filmUm, Underlay $cloth, CureNeed $need, float $overC, float $longestS): ?float
    {
        $heat = new TunnelHeat($filmUm, $cloth, $dryer, self::water($filmUm, $need));
        $peak = $over = 0.0;
        for ($i = 1, $steps = (int) round($longestS / TunnelHeat::STEP_S); $i <= $steps; ++$i) {
            $heat->step();
            $through = $heat->throughC();
            $peak = max($peak, $through);
            $over += $through >= $need->leastC ? TunnelHeat::STEP_S : 0.0;
            if ($over >= $need->holdS - 1e-9 && $peak >= $need->leastC + $overC && $heat->waterG() <= 0) {
                return $i * TunnelHeat::STEP_S;
            }
        }

        return null;
    }

    /** Water in a film, g/m²: a film of so many µm as it stands was thicker by it. */
    private static function water(float $filmUm, CureNeed $need): float
    {
        return $need->water <= 0 ? 0.0 : $filmUm * $need->water / (1 - $need->water);
    }

    public static function of(Dryer $dryer, float $filmUm, Underlay $cloth, CureNeed $need, float $dwellS): self
    {
        $water = self::water($filmUm, $need);
        $heat = new TunnelHeat($filmUm, $cloth, $dryer, $water);
        $points = [new CurePoint(0.0, $heat->throughC(), $heat->throughC())];
        $peak = $surface = $over = 0.0;
        $dry = null;
        $steps = (int) round($dwellS / TunnelHeat::STEP_S);
        for ($i = 1; $i <= $steps; ++$i) {
            $heat->step();
            $through = $heat->throughC();
            $peak = max($peak, $through);
            $surface = max($surface, $heat->surfaceC());
            $over += $through >= $need->leastC ? TunnelHeat::STEP_S : 0.0;
            $dry ??= $water > 0 && $heat->waterG() <= 0 ? $i * TunnelHeat::STEP_S : null;
            if ($i % self::EVERY === 0 || $i === $steps) {
                $points[] = new CurePoint(round($i * TunnelHeat::STEP_S, 2), round($heat->surfaceC(), 2), round($through, 2));
            }
        }

        return new self($points, $peak, $surface, round($over, 2), $dry, $water > 0 && $dry === null);
    }
}
