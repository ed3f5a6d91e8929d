<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;

/**
 * The point of a hull that lies nearest to the origin, and of which corners it is mixed.
 *
 * P. Wolfe: Finding the nearest point in a polytope. Mathematical Programming 11 (1976) 128–149. In three dimensions a mixture
 * of at most four corners comes out.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class NearestInHull
{
    private const ROUNDS = 40;
    private const ALIKE = 1e-9;

    /**
     * @param array<int, Channels> $corners at least one
     *
     * @return array{float, array<int, float>, Channels} the distance, the shares of the corners it is mixed of, together 1, and the point
     */
    public static function of(array $corners): array
    {
        $first = null;
        $least = \INF;
        foreach ($corners as $i => $c) {
            $far = $c[0] * $c[0] + $c[1] * $c[1] + $c[2] * $c[2];
            if ($far < $least) {
                [$first, $least] = [$i, $far];
            }
        }
        if ($first === null) {
            throw new \LogicException('A hull has corners.');
        }
        $shares = [$first => 1.0];
        [$x, $y, $z] = $corners[$first];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $best = null;
            $least = $far = $x * $x + $y * $y + $z * $z;
            foreach ($corners as $i => $c) {
                $dot = $x * $c[0] + $y * $c[1] + $z * $c[2];
                if ($dot < $least) {
                    [$best, $least] = [$i, $dot];
                }
            }
            if ($best === null || isset($shares[$best]) || $far - $least <= self::ALIKE * max(1.0, $far)) {
                break;
            }
            $shares[$best] = 0.0;
            $shares = self::settled($corners, $shares);
            [$x, $y, $z] = [0.0, 0.0, 0.0];
            foreach ($shares as $i => $share) {
                $x += $share * $corners[$i][0];
                $y += $share * $corners[$i][1];
                $z += $share * $corners[$i][2];
            }
        }

        return [sqrt($x * $x + $y * $y + $z * $z), $shares, [$x, $y, $z]];
    }

    /**
     * Whether one more corner brings a hull nearer: it lies before the plane through the nearest point (Wolfe’s criterion).
     *
     * @param Channels $point  nearest of the hull so far
     * @param Channels $corner
     */
    public static function isNearer(array $point, array $corner): bool
    {
        $far = $point[0] * $point[0] + $point[1] * $point[1] + $point[2] * $point[2];

        return $far - ($point[0] * $corner[0] + $point[1] * $corner[1] + $point[2] * $corner[2]) > self::ALIKE * max(1.0, $far);
    }

    /**
     * @param array<int, Channels> $corners
     * @param array<int, float>    $shares  of the corners that take part
     *
     * @return array<int, float> without those that the nearest point needs not
     */
    private static function settled(array $corners, array $shares): array
    {
        for ($i = \count($shares); $i >= 0; --$i) {
            $wished = self::onFlat($corners, array_keys($shares));
            if ($wished === null) {
                return array_filter($shares, static fn (float $s): bool => $s > 0);
            }
            $part = 1.0;
            foreach ($shares as $k => $share) {
                if ($wished[$k] <= 0 && $share > $wished[$k]) {
                    $part = min($part, $share / ($share - $wished[$k]));
                }
            }
            foreach ($shares as $k => $share) {
                $shares[$k] = $share + $part * ($wished[$k] - $share);
            }
            if ($part >= 1) {
                return $shares;
            }
            $shares = array_filter($shares, static fn (float $s): bool => $s > self::ALIKE);
        }

        return $shares;
    }

    /**
     * The nearest point of the flat through some corners, inside their simplex or not.
     *
     * @param array<int, Channels> $corners
     * @param list<int>            $of
     *
     * @return array<int, float>|null shares, together 1; null where the corners lie in a lower flat
     */
    private static function onFlat(array $corners, array $of): ?array
    {
        $n = \count($of);
        $rows = [];
        foreach ($of as $a => $i) {
            $row = [];
            foreach ($of as $j) {
                $row[] = 1.0 + $corners[$i][0] * $corners[$j][0] + $corners[$i][1] * $corners[$j][1] + $corners[$i][2] * $corners[$j][2];
            }
            $row[] = 1.0;
            $rows[$a] = $row;
        }
        for ($c = 0; $c < $n; ++$c) {
            $pivot = $c;
            for ($r = $c + 1; $r < $n; ++$r) {
                $pivot = abs($rows[$r][$c]) > abs($rows[$pivot][$c]) ? $r : $pivot;
            }
            if (abs($rows[$pivot][$c]) < 1e-12) {
                return null;
            }
            [$rows[$c], $rows[$pivot]] = [$rows[$pivot], $rows[$c]];
            for ($r = 0; $r < $n; ++$r) {
                if ($r !== $c) {
                    $by = $rows[$r][$c] / $rows[$c][$c];
                    for ($k = $c; $k <= $n; ++$k) {
                        $rows[$r][$k] -= $by * $rows[$c][$k];
                    }
                }
            }
        }
        $shares = [];
        $sum = 0.0;
        foreach ($of as $a => $i) {
            $shares[$i] = $rows[$a][$n] / $rows[$a][$a];
            $sum += $shares[$i];
        }

        return abs($sum) < 1e-12 ? null : array_map(static fn (float $s): float => $s / $sum, $shares);
    }
}
