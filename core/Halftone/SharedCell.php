<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * How far what two plates at one ruling and angle have in common is from a × b, which dots that know nothing of each other have
 * and the print model takes: worked out for every place of one cell on the other, and weighted by where a press may lay it.
 *
 * @phpstan-import-type Parts from SetOff
 */
final class SharedCell
{
    /** Places of a cell that are tried, each way; as many bits of a row. */
    private const SIDE = 24;
    private const TONES = [0.1, 0.3, 0.5, 0.7, 0.9];
    /** Further off than so many sigmas a press lays nothing. */
    private const SIGMAS = 3.0;

    /**
     * @param Parts $apart   how far the one is set off from the other, parts of a cell along its sides
     * @param float $scatter of the one against the other, sigma, cells
     *
     * @return float root of the mean square of what they have in common too much or too little, share of the area
     */
    public static function off(Dot $dot, array $apart, float $scatter): float
    {
        $places = self::places($dot);
        $steps = self::weights($scatter * self::SIDE);
        [$x, $y] = [(int) round($apart[0] * self::SIDE), (int) round($apart[1] * self::SIDE)];
        $sum = 0.0;
        foreach ($steps as $dy => $wy) {
            foreach ($steps as $dx => $wx) {
                $sum += $wx * $wy * $places[self::within($y + $dy)][self::within($x + $dx)];
            }
        }

        return sqrt($sum);
    }

    /** @return list<list<float>> mean square at each place, downwards, then to the right */
    private static function places(Dot $dot): array
    {
        /** @var array<string, list<list<float>>> $known */
        static $known = [];

        return $known[$dot->value] ??= self::tried($dot);
    }

    /** @return list<list<float>> */
    private static function tried(Dot $dot): array
    {
        $order = [];
        for ($i = 0; $i < self::SIDE ** 2; ++$i) {
            $order[$i] = $dot->order(($i % self::SIDE + 0.5) / self::SIDE - 0.5, (intdiv($i, self::SIDE) + 0.5) / self::SIDE - 0.5);
        }
        asort($order);
        $grown = array_keys($order);
        $cells = array_map(static fn (float $tone): array => self::cell(\array_slice($grown, 0, (int) round($tone * self::SIDE ** 2))), self::TONES);
        $areas = array_map(static fn (float $tone): float => round($tone * self::SIDE ** 2) / self::SIDE ** 2, self::TONES);
        $bits = array_map(static fn (int $row): int => substr_count(decbin($row), '1'), range(0, (1 << (self::SIDE >> 1)) - 1));
        $half = self::SIDE >> 1;
        $low = (1 << $half) - 1;
        $whole = (1 << self::SIDE) - 1;
        $places = [];
        for ($dy = 0; $dy < self::SIDE; ++$dy) {
            $along = [];
            for ($dx = 0; $dx < self::SIDE; ++$dx) {
                $sum = 0.0;
                foreach ($cells as $one => $a) {
                    foreach ($cells as $two => $b) {
                        $common = 0;
                        foreach ($a as $y => $row) {
                            $other = $b[($y + $dy) % self::SIDE];
                            $both = $row & (($other >> $dx | $other << (self::SIDE - $dx)) & $whole);
                            $common += $bits[$both >> $half] + $bits[$both & $low];
                        }
                        $sum += ($common / self::SIDE ** 2 - $areas[$one] * $areas[$two]) ** 2;
                    }
                }
                $along[] = $sum / \count($cells) ** 2;
            }
            $places[] = $along;
        }

        return $places;
    }

    /**
     * @param list<int> $pixels
     *
     * @return non-empty-list<int> a row a number
     */
    private static function cell(array $pixels): array
    {
        $rows = array_fill(0, self::SIDE, 0);
        foreach ($pixels as $pixel) {
            $rows[intdiv($pixel, self::SIDE)] |= 1 << $pixel % self::SIDE;
        }

        return array_values($rows);
    }

    /** @return array<int, float> of each step aside, together 1 */
    private static function weights(float $sigma): array
    {
        $reach = (int) ceil(self::SIGMAS * $sigma);
        $weights = [];
        foreach (range(-$reach, $reach) as $step) {
            $weights[$step] = $sigma > 0 ? exp(-$step * $step / (2 * $sigma * $sigma)) : 1.0;
        }
        $all = array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $all, $weights);
    }

    private static function within(int $place): int
    {
        return ($place % self::SIDE + self::SIDE) % self::SIDE;
    }
}
