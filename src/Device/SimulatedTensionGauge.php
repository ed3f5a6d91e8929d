<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Frame\Frame;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Stands in for a tension gauge: reads near the last tension, a little slacker in the middle; the same all day long. */
final readonly class SimulatedTensionGauge implements TensionGauge
{
    /** Of one reading, N/cm. */
    private const NOISE = 0.15;
    private const MIDDLE = -0.2;
    private const ALONG = 0.2;

    public function name(): string
    {
        return 'simulated tension gauge';
    }

    public function read(Frame $frame, \DateTimeImmutable $at): array
    {
        $random = new Randomizer(new Mt19937(crc32($frame->label.' '.$at->format('Y-m-d'))));
        $places = static fn (float $lean): array => array_map(
            static fn (int $place): float => round(
                $frame->tensionNPerCm + $lean + ($place === 4 ? self::MIDDLE : 0.0) + self::NOISE * SimulatedNoise::normal($random),
                1,
            ),
            range(0, 4),
        );

        return ['along' => $places(self::ALONG), 'across' => $places(-self::ALONG)];
    }
}
