<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\Core\Cure\CureCurve;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Stands in for a probe in the dryer: a tunnel that gives a little less heat than it is said to, and a probe that wavers. */
final readonly class SimulatedDryerProbe implements DryerProbe
{
    private const TIMES = 0.9;
    private const NOISE_C = 0.5;

    public function name(): string
    {
        return 'simulated dryer probe';
    }

    public function run(Dryer $dryer, float $filmUm, Underlay $cloth, CureNeed $need, float $dwellS, int $seed): string
    {
        $random = new Randomizer(new Mt19937($seed));
        $lines = ['Elapsed (s),Probe (°C)'];
        foreach (CureCurve::of($dryer->heating(self::TIMES), $filmUm, $cloth, $need, $dwellS)->points as $point) {
            $lines[] = \sprintf('%.1f,%.1f', $point->s, $point->throughC + self::NOISE_C * SimulatedNoise::normal($random));
        }

        return implode("\n", $lines)."\n";
    }
}
