<?php

declare(strict_types=1);

namespace Ektype\App\Query\Rack;

/** What the gauges read on a frame now; nothing is kept yet. */
final readonly class GaugeReading
{
    /**
     * @param string      $device a stand-in says that it is simulated
     * @param list<float> $along  tension, N/cm at the corners and the middle
     * @param list<float> $across
     * @param float|null  $eomUm  emulsion over mesh, µm; null on bare mesh
     */
    public function __construct(
        public string $device,
        public array $along,
        public array $across,
        public string $thicknessDevice,
        public ?float $eomUm,
    ) {
    }
}
