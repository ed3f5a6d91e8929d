<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\InkGamut;

/**
 * What each colour of a picture is to print as: itself where the inks can show it, else the nearest that they can. How far it is
 * moved is known for a cube of colours and straight between them, so that a smooth blend stays one.
 */
final readonly class IndexTargets
{
    private const SIDE = 17;
    public const STEPS = 32;

    /**
     * @param list<float> $red   how far the root of light is moved at each step, red fastest
     * @param list<float> $green
     * @param list<float> $blue
     */
    private function __construct(public array $red, public array $green, public array $blue)
    {
    }

    public static function of(InkGamut $gamut): self
    {
        $inks = array_values(array_diff(array_keys($gamut->corners), [InkGamut::GARMENT]));
        $moved = [[], [], []];
        $last = self::SIDE - 1;
        for ($b = 0; $b <= $last; ++$b) {
            for ($g = 0; $g <= $last; ++$g) {
                for ($r = 0; $r <= $last; ++$r) {
                    $colour = new Srgb((int) round(255 * $r / $last), (int) round(255 * $g / $last), (int) round(255 * $b / $last));
                    $root = $gamut->root($colour);
                    $print = $gamut->mixed($gamut->nearest($colour, $inks)[1]);
                    foreach ([0, 1, 2] as $c) {
                        $moved[$c][] = $print[$c] - $root[$c];
                    }
                }
            }
        }

        return new self(...array_map(self::filled(...), $moved));
    }

    /**
     * @param list<float> $nodes
     *
     * @return list<float> straight between them, so many steps a channel
     */
    private static function filled(array $nodes): array
    {
        $steps = array_map(static function (int $step): array {
            $at = $step / (self::STEPS - 1) * (self::SIDE - 1);
            $node = min(self::SIDE - 2, (int) $at);

            return [$node, $at - $node];
        }, range(0, self::STEPS - 1));
        $filled = [];
        foreach ($steps as [$b, $partB]) {
            foreach ($steps as [$g, $partG]) {
                $at = self::SIDE * ($g + self::SIDE * $b);
                [$row, $up, $back, $both] = [$at, $at + self::SIDE, $at + self::SIDE ** 2, $at + self::SIDE ** 2 + self::SIDE];
                $line = [];
                for ($r = 0; $r < self::SIDE; ++$r) {
                    $near = $nodes[$row + $r] + $partG * ($nodes[$up + $r] - $nodes[$row + $r]);
                    $far = $nodes[$back + $r] + $partG * ($nodes[$both + $r] - $nodes[$back + $r]);
                    $line[] = $near + $partB * ($far - $near);
                }
                foreach ($steps as [$r, $partR]) {
                    $filled[] = $line[$r] + $partR * ($line[$r + 1] - $line[$r]);
                }
            }
        }

        return $filled;
    }
}
