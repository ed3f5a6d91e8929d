<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

/**
 * A cube of colours as pixels are looked up in it: so many steps a channel, straight between the nodes.
 *
 * @phpstan-type Planes array{string, string, string}
 */
final class CubeSteps
{
    /**
     * @param list<float> $nodes coverage at each, 0–1, red first, then green, then blue
     * @param int         $side  nodes a side
     * @param int         $many  steps a channel
     *
     * @return string a byte a step, red fastest
     */
    public static function of(array $nodes, int $side, int $many = PixelTables::STEPS): string
    {
        $steps = array_map(static function (int $step) use ($side, $many): array {
            $at = $step / ($many - 1) * ($side - 1);
            $node = min($side - 2, (int) $at);

            return [$node, $at - $node];
        }, range(0, $many - 1));
        // One axis after the other: straight lines in three directions are one trilinear interpolation.
        $inRed = [];
        for ($gb = 0; $gb < $side ** 2; ++$gb) {
            foreach ($steps as [$node, $part]) {
                $at = $gb * $side + $node;
                $inRed[] = $nodes[$at] + $part * ($nodes[$at + 1] - $nodes[$at]);
            }
        }
        $inGreen = [];
        for ($b = 0; $b < $side; ++$b) {
            foreach ($steps as [$node, $part]) {
                $at = ($b * $side + $node) * $many;
                for ($r = 0; $r < $many; ++$r) {
                    $inGreen[] = $inRed[$at + $r] + $part * ($inRed[$at + $many + $r] - $inRed[$at + $r]);
                }
            }
        }
        $plane = $many ** 2;
        $bytes = '';
        foreach ($steps as [$node, $part]) {
            $at = $node * $plane;
            for ($i = 0; $i < $plane; ++$i, ++$at) {
                $bytes .= \chr((int) (255 * ($inGreen[$at] + $part * ($inGreen[$at + $plane] - $inGreen[$at])) + 0.5));
            }
        }

        return $bytes;
    }
}
