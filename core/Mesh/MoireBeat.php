<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/** One beat: its period in mm and its contrast, share of the mean. */
final readonly class MoireBeat
{
    /**
     * @param array{float, float} $perMm its frequency along x and y of the print
     * @param float               $swing how far the ink goes up and down, share of the mean, with its sign
     */
    public function __construct(public float $periodMm, public float $contrast, public array $perMm = [0.0, 0.0], public float $swing = 0.0)
    {
    }
}
