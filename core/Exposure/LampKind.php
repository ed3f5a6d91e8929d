<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** How a lamp makes its light. */
enum LampKind: string
{
    case Led = 'led';
    case MetalHalide = 'metal_halide';
    case Halogen = 'halogen';
    case Tubes = 'tubes';
    case Sun = 'sun';

    public function says(): string
    {
        return match ($this) {
            self::Led => 'LED unit',
            self::MetalHalide => 'metal halide lamp',
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
            self::MetalHalide => 60.0,
            self::Halogen => 300.0,
            self::Tubes => 240.0,
            self::Sun => 120.0,
        };
    }

    /** Whether its light falls off with the square of the distance. */
    public function isPointLike(): bool
    {
        return $this === self::MetalHalide || $this === self::Halogen;
    }
}
