<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/** The pairs of count and thread that are commonly woven. */
final class MeshCatalogue
{
    private const TYPICAL = [
        [10, 200], [15, 200], [24, 120], [32, 100], [43, 80], [49, 70], [55, 64], [61, 64], [64, 60], [68, 55], [71, 55],
        [77, 55], [79, 48], [90, 48], [100, 40], [110, 40], [120, 34], [130, 34], [140, 34], [150, 31], [165, 31],
    ];
    /** Yellow mesh stops sideways light; usual above about 200 threads per inch. */
    private const DYED_FROM_PER_INCH = 200.0;

    /** @return list<Mesh> coarse to fine */
    public static function typical(): array
    {
        return array_map(
            static fn (array $pair): Mesh => new Mesh($pair[0], $pair[1], self::isUsuallyDyed($pair[0])),
            self::TYPICAL,
        );
    }

    public static function isUsuallyDyed(float $threadsPerCm): bool
    {
        return $threadsPerCm * 2.54 >= self::DYED_FROM_PER_INCH;
    }
}
