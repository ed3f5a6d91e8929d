<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * A square of thresholds, each far from those that are like it: at every tone its dots are spread evenly, without a pattern.
 *
 * R. Ulichney: The void-and-cluster method for dither array generation. Proceedings of SPIE 1913 (1993) 332–343.
 *
 * @phpstan-type Reach array{int, int, float}
 */
final class BlueNoise
{
    public const SIDE = 64;
    /** How far a dot is felt, squares. */
    private const SIGMA = 1.5;
    private const REACH = 6;
    /** One square in so many is set to begin with. */
    private const FIRST = 10;

    /** @var list<int>|null */
    private static ?array $ranks = null;

    /** @return list<int> of each square its rank, 0 to SIDE² − 1, row by row */
    public static function ranks(): array
    {
        return self::$ranks ??= self::made();
    }

    /** @return string thresholds 1–255, a byte a square: a tone prints where it reaches its threshold */
    public static function thresholds(): string
    {
        $all = self::SIDE ** 2;

        return implode('', array_map(static fn (int $rank): string => \chr(1 + intdiv($rank * 255, $all)), self::ranks()));
    }

    /** @return list<int> */
    private static function made(): array
    {
        $all = self::SIDE ** 2;
        $felt = array_fill(0, $all, 0.0);
        $set = array_fill(0, $all, false);
        $reach = self::reach();
        // The first dots: spread by the golden ratio in both ways, then each put into the largest void.
        $first = [];
        for ($i = 0, $many = intdiv($all, self::FIRST); $i < $many; ++$i) {
            $at = (int) (self::SIDE * fmod($i * 0.7548776662466927, 1.0)) + self::SIDE * (int) (self::SIDE * fmod($i * 0.5698402909980532, 1.0));
            if (!$set[$at]) {
                $first[] = $at;
                self::turn($felt, $set, $at, $reach);
            }
        }
        for ($moves = 0; $moves < $all; ++$moves) {
            $crowded = self::furthest($felt, $set, true);
            self::turn($felt, $set, $crowded, $reach);
            $void = self::furthest($felt, $set, false);
            self::turn($felt, $set, $void, $reach);
            if ($void === $crowded) {
                break;
            }
        }
        $ranks = array_fill(0, $all, 0);
        $many = \count(array_filter($set));
        [$feltThen, $setThen] = [$felt, $set];
        for ($rank = $many - 1; $rank >= 0; --$rank) {
            $at = self::furthest($felt, $set, true);
            self::turn($felt, $set, $at, $reach);
            $ranks[$at] = $rank;
        }
        [$felt, $set] = [$feltThen, $setThen];
        for ($rank = $many; $rank < $all; ++$rank) {
            $at = self::furthest($felt, $set, false);
            self::turn($felt, $set, $at, $reach);
            $ranks[$at] = $rank;
        }

        return array_values($ranks);
    }

    /**
     * The most crowded dot, or the largest void.
     *
     * @param array<int, float> $felt
     * @param array<int, bool>  $set
     */
    private static function furthest(array $felt, array $set, bool $crowded): int
    {
        [$best, $most] = [0, -\INF];
        foreach ($felt as $at => $here) {
            if ($set[$at] === $crowded && ($crowded ? $here : -$here) > $most) {
                [$best, $most] = [$at, $crowded ? $here : -$here];
            }
        }

        return $best;
    }

    /**
     * Sets a dot or takes it off: its neighbours feel it, over the edges too.
     *
     * @param array<int, float> $felt
     * @param array<int, bool>  $set
     * @param list<Reach>       $reach
     */
    private static function turn(array &$felt, array &$set, int $at, array $reach): void
    {
        $sign = $set[$at] ? -1 : 1;
        $set[$at] = !$set[$at];
        [$x, $y] = [$at % self::SIDE, intdiv($at, self::SIDE)];
        foreach ($reach as [$dx, $dy, $weight]) {
            $felt[($x + $dx) % self::SIDE + self::SIDE * (($y + $dy) % self::SIDE)] += $sign * $weight;
        }
    }

    /** @return list<Reach> */
    private static function reach(): array
    {
        $reach = [];
        for ($dy = -self::REACH; $dy <= self::REACH; ++$dy) {
            for ($dx = -self::REACH; $dx <= self::REACH; ++$dx) {
                $reach[] = [$dx + self::SIDE, $dy + self::SIDE, exp(-($dx ** 2 + $dy ** 2) / (2 * self::SIGMA ** 2))];
            }
        }

        return $reach;
    }
}
