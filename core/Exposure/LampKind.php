<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

use Ektype\Core\Learn\LinearBelief;

/**
 * How a lamp makes its light.
 *
 * @phpstan-import-type MeanSd from LinearBelief
 */
enum LampKind: string
{
    case Led = 'led';
    case MetalHalide = 'metal_halide';
    case Mercury = 'mercury';
    case Halogen = 'halogen';
    case Tubes = 'tubes';
    case Sun = 'sun';

    public function says(): string
    {
        return match ($this) {
            self::Led => 'LED unit',
            self::MetalHalide => 'metal halide lamp',
            self::Mercury => 'mercury lamp',
            self::Halogen => 'halogen work light',
            self::Tubes => 'fluorescent tubes',
            self::Sun => 'the sun',
        };
    }

    /** Seconds for 100 µm of photopolymer on white mesh (trade default). */
    public function usualSeconds(): float
    {
        return match ($this) {
            self::Led => 15.0,
            self::MetalHalide, self::Mercury => 60.0,
            self::Halogen => 300.0,
            self::Tubes => 240.0,
            self::Sun => 120.0,
        };
    }

    /** Whether its light falls off with the square of the distance. */
    public function isPointLike(): bool
    {
        return $this === self::MetalHalide || $this === self::Mercury || $this === self::Halogen;
    }

    /**
     * How its light fades in a thousand hours, as ln of the time that makes it good (trade default).
     *
     * @return MeanSd|null mean and standard deviation; null where nothing ages
     */
    public function usualAgeing(): ?array
    {
        return match ($this) {
            self::Led => [0.02, 0.02],
            self::Tubes, self::MetalHalide, self::Mercury => [0.3, 0.2],
            self::Halogen => [0.15, 0.15],
            self::Sun => null,
        };
    }
}
