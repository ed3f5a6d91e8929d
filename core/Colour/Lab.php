<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/** CIELAB under D65, 2° observer (CIE 15:2004). */
final readonly class Lab
{
    /** White point of D65, 2°, as the sRGB matrix sums to it. */
    private const WHITE_X = 0.95047;
    private const WHITE_Z = 1.08883;

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    public static function of(Srgb $colour): self
    {
        [$r, $g, $b] = $colour->linear();

        return self::fromLinear($r, $g, $b);
    }

    /** From linear sRGB light, 0–1 a channel; the matrix is that of IEC 61966-2-1. */
    public static function fromLinear(float $r, float $g, float $b): self
    {
        $x = self::f((0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b) / self::WHITE_X);
        $y = self::f(0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b);
        $z = self::f((0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b) / self::WHITE_Z);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    private static function f(float $t): float
    {
        return $t > 216 / 24389 ? $t ** (1 / 3) : (24389 / 27 * $t + 16) / 116;
    }
}
