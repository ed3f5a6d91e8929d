<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/**
 * Colours of a picture to dots of two inks: the colour cube with 25 nodes a side, solved one by one and tied where neighbours
 * would take different ways, so that a smooth blend of the picture stays smooth on every plate.
 */
final readonly class ColourTable
{
    public const SIDE = 25;
    /** Square root of the nodes a side: the picture of the table has so many times as many pixels. */
    private const LEVEL = 5;
    /** Every third node is found by itself, the others from their neighbours. */
    private const COARSE = 3;
    /** Neighbours a node apart, ten of 255, differ by no more: 1.4 % from one of 255 to the next along a channel. */
    private const STEEPEST = 0.15;
    private const ROUNDS = 60;

    /**
     * @param list<float> $first  coverage of one ink at each node, red first, then green, then blue
     * @param list<float> $second of the other
     */
    private function __construct(private array $first, private array $second)
    {
    }

    public static function of(NearestMix $mix): self
    {
        $last = self::SIDE - 1;
        /** @var array<int, array{float, float}> $coarse */
        $coarse = [];
        for ($b = 0; $b <= $last; $b += self::COARSE) {
            for ($g = 0; $g <= $last; $g += self::COARSE) {
                for ($r = 0; $r <= $last; $r += self::COARSE) {
                    $coarse[self::at($r, $g, $b)] = $mix->of(self::lab($r, $g, $b));
                }
            }
        }
        [$first, $second] = [[], []];
        for ($b = 0; $b <= $last; ++$b) {
            for ($g = 0; $g <= $last; ++$g) {
                for ($r = 0; $r <= $last; ++$r) {
                    [$first[], $second[]] = $coarse[self::at($r, $g, $b)] ?? $mix->of(self::lab($r, $g, $b), self::among($coarse, $r, $g, $b));
                }
            }
        }

        return new self(self::tied($first), self::tied($second));
    }

    /** To take a picture’s colours through, 16 bits a channel: red comes out as the first ink, green as the second. */
    public function inks(): \Imagick
    {
        $pixels = '';
        foreach ($this->first as $i => $one) {
            $pixels .= pack('n3', (int) round(65535 * $one), (int) round(65535 * $this->second[$i]), 0);
        }

        return self::picture($pixels);
    }

    /** @param callable(float, float): Srgb $printed colour of the print by its coverages */
    public function print(callable $printed): \Imagick
    {
        $pixels = '';
        foreach ($this->first as $i => $one) {
            $colour = $printed($one, $this->second[$i]);
            $pixels .= pack('n3', 257 * $colour->red, 257 * $colour->green, 257 * $colour->blue);
        }

        return self::picture($pixels);
    }

    private static function picture(string $pixels): \Imagick
    {
        $side = self::SIDE * self::LEVEL;
        $table = new \Imagick();
        $table->readImageBlob(\sprintf("P6 %d %d 65535\n", $side, $side).$pixels, 'table.ppm');

        return $table;
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
     * @param array<int, array{float, float}> $coarse
     *
     * @return array{float, float}
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
