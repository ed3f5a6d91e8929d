<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\SideBySide;

/**
 * Colours of a picture to dots of two inks: the colour cube with 25 nodes a side, solved one by one and tied where neighbours
 * would take different ways, so that a smooth blend of the picture stays smooth on every plate; then 64 steps a channel, straight
 * between the nodes.
 *
 * @phpstan-import-type Coverages from NearestMix
 */
final readonly class ColourTable
{
    public const SIDE = 25;
    /** Every third node is found by itself, the others from their neighbours. */
    private const COARSE = 3;
    /** Neighbours a node apart, ten of 255, differ by no more: 1.4 % from one of 255 to the next along a channel. */
    private const STEEPEST = 0.15;
    private const ROUNDS = 60;

    /**
     * @param string $first  coverage of one ink at each step, a byte each, red fastest
     * @param string $second of the other
     */
    private function __construct(public string $first, public string $second)
    {
    }

    /** @param array<int, true>|null $used nodes that are looked up; the others stay straight between those that are found by themselves; null for all */
    public static function of(NearestMix $mix, ?array $used = null): self
    {
        $last = self::SIDE - 1;
        /** @var array<int, Coverages> $coarse */
        $coarse = [];
        for ($b = 0; $b <= $last; $b += self::COARSE) {
            for ($g = 0; $g <= $last; $g += self::COARSE) {
                for ($r = 0; $r <= $last; $r += self::COARSE) {
                    $coarse[self::at($r, $g, $b)] = $mix->of(self::lab($r, $g, $b));
                }
            }
        }
        $planes = SideBySide::all(array_map(static fn (int $b): \Closure => static function () use ($b, $last, $coarse, $mix, $used): array {
            $nodes = [];
            for ($g = 0; $g <= $last; ++$g) {
                for ($r = 0; $r <= $last; ++$r) {
                    $at = self::at($r, $g, $b);
                    $nodes[] = $coarse[$at] ?? ($used === null || isset($used[$at])
                        ? $mix->of(self::lab($r, $g, $b), self::among($coarse, $r, $g, $b))
                        : self::among($coarse, $r, $g, $b));
                }
            }

            return $nodes;
        }, range(0, $last)));
        $nodes = array_merge(...$planes);
        [$first, $second] = [array_column($nodes, 0), array_column($nodes, 1)];

        return new self(CubeSteps::of(self::tied($first), self::SIDE), CubeSteps::of(self::tied($second), self::SIDE));
    }

    /** To be kept. */
    public function written(): string
    {
        return $this->first.$this->second;
    }

    /** @throws \LengthException where it is no table */
    public static function read(string $written): self
    {
        if (\strlen($written) !== 2 * PixelTables::STEPS ** 3) {
            throw new \LengthException('A table of colours has so many steps.');
        }

        return new self(...str_split($written, PixelTables::STEPS ** 3));
    }

    /**
     * @param list<float> $nodes
     *
     * @return list<float>
     */
    private static function tied(array $nodes): array
    {
        $strides = [1, self::SIDE, self::SIDE ** 2];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $calm = true;
            foreach ($strides as $stride) {
                foreach ($nodes as $i => $here) {
                    if (intdiv($i, $stride) % self::SIDE === self::SIDE - 1) {
                        continue;
                    }
                    $apart = $nodes[$i + $stride] - $here;
                    $over = abs($apart) - self::STEEPEST;
                    if ($over > 1e-4) {
                        $move = ($apart > 0 ? $over : -$over) / 2;
                        $nodes[$i] += $move;
                        $nodes[$i + $stride] -= $move;
                        $calm = false;
                    }
                }
            }
            if ($calm) {
                break;
            }
        }

        return array_values($nodes);
    }

    /**
     * Straight between the eight coarse nodes round a node.
     *
     * @param array<int, Coverages> $coarse
     *
     * @return Coverages
     */
    private static function among(array $coarse, int $r, int $g, int $b): array
    {
        [$one, $two] = [0.0, 0.0];
        foreach ([0, 1] as $x) {
            foreach ([0, 1] as $y) {
                foreach ([0, 1] as $z) {
                    $weight = 1.0;
                    $node = [];
                    foreach ([[$r, $x], [$g, $y], [$b, $z]] as [$n, $upper]) {
                        $part = $n % self::COARSE / self::COARSE;
                        $weight *= $upper === 1 ? $part : 1 - $part;
                        $node[] = $n - $n % self::COARSE + self::COARSE * $upper;
                    }
                    if ($weight > 0) {
                        [$a, $c] = $coarse[self::at($node[0], $node[1], $node[2])];
                        $one += $weight * $a;
                        $two += $weight * $c;
                    }
                }
            }
        }

        return [$one, $two];
    }

    private static function lab(int $r, int $g, int $b): Lab
    {
        return Lab::of(new Srgb(...array_map(static fn (int $n): int => (int) round(255 * $n / (self::SIDE - 1)), [$r, $g, $b])));
    }

    private static function at(int $r, int $g, int $b): int
    {
        return $r + self::SIDE * ($g + self::SIDE * $b);
    }
}
