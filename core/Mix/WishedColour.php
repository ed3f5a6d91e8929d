<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/**
 * A colour that is wished, and how an eye measures what is off it: lightness, chroma and hue by the weights of ΔE00 there.
 *
 * @phpstan-import-type Channels from Srgb
 * @phpstan-import-type Matrix3 from MixStep
 */
final readonly class WishedColour
{
    private const X = [0.4124564 / 0.95047, 0.3575761 / 0.95047, 0.1804375 / 0.95047];
    private const Y = [0.2126729, 0.7151522, 0.0721750];
    private const Z = [0.0193339 / 1.08883, 0.1191920 / 1.08883, 0.9503041 / 1.08883];
    private const DARK = 216 / 24389;
    private const SLOPE = 24389 / 27 / 116;

    private float $l;
    private float $a;
    private float $b;
    private float $byL;
    /** @var array{float, float, float, float} chroma by a and b, hue by a and b */
    private array $turned;

    public function __construct(Srgb $colour)
    {
        $lab = Lab::of($colour);
        [$this->l, $this->a, $this->b] = [$lab->l, $lab->a, $lab->b];
        $chroma = hypot($lab->a, $lab->b);
        [$cos, $sin] = $chroma < 1e-6 ? [1.0, 0.0] : [$lab->a / $chroma, $lab->b / $chroma];
        $l50 = ($lab->l - 50) ** 2;
        $this->byL = 1 / (1 + 0.015 * $l50 / sqrt(20 + $l50));
        [$c, $h] = [1 / (1 + 0.045 * $chroma), 1 / (1 + 0.015 * $chroma)];
        $this->turned = [$c * $cos, $c * $sin, -$h * $sin, $h * $cos];
    }

    /**
     * What a print is off, and how that moves with its light.
     *
     * @param Channels $root n-th roots of light
     *
     * @return array{Channels, Matrix3} about ΔE00 in lightness, chroma and hue; and the change of each with each root
     */
    public function off(array $root, float $n): array
    {
        $light = $slope = [];
        foreach ($root as $c) {
            $c = max(1e-6, $c);
            $light[] = $c ** $n;
            $slope[] = $n * $c ** ($n - 1);
        }
        [$x, $dx] = self::f(self::X[0] * $light[0] + self::X[1] * $light[1] + self::X[2] * $light[2]);
        [$y, $dy] = self::f(self::Y[0] * $light[0] + self::Y[1] * $light[1] + self::Y[2] * $light[2]);
        [$z, $dz] = self::f(self::Z[0] * $light[0] + self::Z[1] * $light[1] + self::Z[2] * $light[2]);
        [$dL, $dA, $dB] = [116 * $y - 16 - $this->l, 500 * ($x - $y) - $this->a, 200 * ($y - $z) - $this->b];
        [$ca, $cb, $ha, $hb] = $this->turned;
        $rows = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        foreach ([0, 1, 2] as $i) {
            [$mx, $my, $mz] = [$dx * self::X[$i] * $slope[$i], $dy * self::Y[$i] * $slope[$i], $dz * self::Z[$i] * $slope[$i]];
            [$a, $b] = [500 * ($mx - $my), 200 * ($my - $mz)];
            $rows[0][$i] = $this->byL * 116 * $my;
            $rows[1][$i] = $ca * $a + $cb * $b;
            $rows[2][$i] = $ha * $a + $hb * $b;
        }

        return [[$this->byL * $dL, $ca * $dA + $cb * $dB, $ha * $dA + $hb * $dB], $rows];
    }

    /** @return array{float, float} CIE’s f and its slope */
    private static function f(float $t): array
    {
        if ($t <= self::DARK) {
            return [self::SLOPE * $t + 16 / 116, self::SLOPE];
        }
        $root = $t ** (1 / 3);

        return [$root, 1 / (3 * $root * $root)];
    }
}
