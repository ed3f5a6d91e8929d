<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\Core\Mesh\MoireSetting;
use Ektype\Core\Unit\Figure;

/** The pattern of a ruling and angle with a mesh, and with the other plates. */
final readonly class Pattern
{
    /**
     * @param Figure               $score      contrast of all visible beats, % of the mean
     * @param Figure               $period     of the strongest beat, mm; without a value where none is visible
     * @param list<MoireSetting>   $calmest
     * @param list<PatternBetween> $pairs
     * @param float                $ceilingLpi finest ruling that the mesh carries by the shop’s school
     * @param string               $tones      lightest and darkest tone it holds at this ruling
     * @param float                $divisor    school of the shop
     */
    public function __construct(
        public float $lpi,
        public float $angle,
        public Figure $score,
        public Figure $period,
        public string $says,
        public array $calmest,
        public array $pairs,
        public float $ceilingLpi,
        public string $tones,
        public float $divisor,
    ) {
    }
}
