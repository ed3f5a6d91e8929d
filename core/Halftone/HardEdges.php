<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Raster\ToneRaster;

/**
 * Flat type and lines between tones: where two areas meet in a hard edge, a film pixel belongs to the side of the contour on
 * which it lies, and has that side’s tone. So an edge is as sharp as the film, and the half tones that smoothed it in the
 * picture are none that are printed.
 *
 * An edge is hard where tones that differ by a third of all lie within a few places, one of the two sides is flat, and less
 * than half of what is round it is between them: a soft edge, a ramp and grain are left to the dots. The contour runs where
 * the tone, interpolated between its places, is half way from one side to the other.
 *
 * @phpstan-type Edge array{int, int}
 */
final readonly class HardEdges
{
    /** What both sides differ by at the least, of 255 (heuristic). */
    private const CONTRAST = 80;
    /** Tones so near the end are the end: what is left of a picture’s compression. */
    private const END = 5;
    /** What a flat side may scatter by, mean of the distances from its mean, of 255 (heuristic). */
    private const FLAT = 9.0;
    /** Places of a side that are enough to tell its tone. */
    private const ENOUGH = 5;
    /** Places are looked at up to so many steps away. */
    private const AROUND = 3;
    private const BAND = 512;
    /** A place of the picture may cover so many of the tones; beyond, there is no telling where an edge ran. */
    private const MOST_REACH = 4;

    /**
     * @param int                          $reach  places of the tones that one of the picture covers each way
     * @param array<int, list<int>>|null   $within columns by row in which alone the picture itself has hard edges; null looks everywhere
     * @param array<int, array<int, Edge>> $known  by row and column both sides, where they are known already
     */
    public function __construct(private ToneRaster $tones, private int $reach = 1, private ?array $within = null, private array $known = [])
    {
    }

    /**
     * Where a picture has hard edges: many plates of it may be steep where it is not.
     *
     * @param list<ToneRaster> $channels
     *
     * @return array<int, list<int>> columns by row
     */
    public static function ofPicture(array $channels, int $reach): array
    {
        if ($reach > self::MOST_REACH) {
            return [];
        }
        $bands = [];
        foreach ($channels as $channel) {
            for ($from = 0; $from < $channel->height; $from += self::BAND) {
                $to = min($channel->height, $from + self::BAND);
                $bands[] = static fn (): array => (new self($channel, $reach))->steep($from, $to);
            }
        }
        $rows = [];
        foreach (SideBySide::all($bands, \count($bands) > 2) as $found) {
            foreach ($found as $y => $columns) {
                $rows[$y] = isset($rows[$y]) ? array_values(array_unique([...$rows[$y], ...$columns])) : $columns;
            }
        }

        return $rows;
    }

    /** How far apart the picture’s own places are, in places of the tones. */
    public static function reach(int $picturePx, int $tonesAcross): int
    {
        return max(1, (int) ceil($tonesAcross / max(1, $picturePx) - 0.25));
    }

    /**
     * @param int $from first row of the tones
     * @param int $to   the row after the last
     *
     * @return array<int, array<int, Edge>> by row and column the tones of both sides, the lesser first: of each place that a hard edge may run through
     */
    public function in(int $from, int $to): array
    {
        $found = array_filter($this->known, static fn (int $y): bool => $y >= $from && $y < $to, \ARRAY_FILTER_USE_KEY);
        if ($this->reach > self::MOST_REACH) {
            return $found;
        }
        // What one place of the picture became has the same two sides all over.
        $known = [];
        foreach ($this->within === null ? $this->steep($from, $to) : $this->rows($from, $to) as $y => $columns) {
            foreach ($columns as $x) {
                if (isset($found[$y][$x]) || !$this->isNear($x, $y)) {
                    continue;
                }
                $place = intdiv($y, $this->reach) * $this->tones->width + intdiv($x, $this->reach);
                $sides = $known[$place] ??= $this->sides($x, $y) ?? false;
                if ($sides !== false) {
                    $found[$y][$x] = $sides;
                }
            }
        }

        return $found;
    }

    /** @return array<int, list<int>> */
    private function rows(int $from, int $to): array
    {
        $rows = [];
        for ($y = $from; $y < $to; ++$y) {
            if (isset($this->within[$y])) {
                $rows[$y] = $this->within[$y];
            }
        }

        return $rows;
    }

    /**
     * Places near which tones differ much, found for many rows at once: tones in eight steps, each with a bit more than the one
     * before, so that the bits in which two places differ stand side by side, one for each step between them.
     *
     * @return array<int, list<int>> columns by row
     */
    private function steep(int $from, int $to): array
    {
        [$wide, $high] = [$this->tones->width, $this->tones->height];
        $apart = self::AROUND * $this->reach;
        [$top, $bottom] = [max(0, $from - $apart), min($high, $to + $apart)];
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $steps = implode('', array_map(static fn (int $t): string => \chr((1 << intdiv($t, 32)) - 1), range(0, 255)));
        $band = strtr(substr($this->tones->tones, $top * $wide, ($bottom - $top) * $wide), $all, $steps);
        // Below the last row is nothing that it could differ from.
        $band .= str_repeat(substr($band, -$wide), $bottom === $high ? $apart : 0);
        $length = \strlen($band);
        $number = Bits::unordered($band);
        $far = gmp_init(0);
        $upper = Bits::unordered(str_repeat("\xfe", $length));
        foreach ([1, $wide] as $step) {
            $differ = gmp_xor($number, $number >> 8 * $apart * $step);
            $far = gmp_or($far, self::near(gmp_and($differ, gmp_and($differ, $upper) >> 1), $apart, $step));
        }
        if (gmp_sign($far) === 0) {
            return [];
        }
        // A contour runs only where neighbours differ too.
        $beside = self::near(gmp_xor($number, $number >> 8), 1);
        $beside = gmp_or($beside, self::near(gmp_xor($number, $number >> 8 * $wide), 1, $wide));
        $full = self::marked(Bits::inOrder($far, $length), $all);
        $steep = $full & self::marked(Bits::inOrder($beside, $length), $all);
        $columns = [];
        [$first, $end] = [($from - $top) * $wide, ($to - $top) * $wide];
        for ($at = strpos($steep, "\1", $first); $at !== false && $at < $end; $at = strpos($steep, "\1", $at + 1)) {
            $columns[$top + intdiv($at, $wide)][] = $at % $wide;
        }

        return $columns;
    }

    /** The bits of each place also at so many after it. */
    private static function near(\GMP $places, int $many, int $step = 1): \GMP
    {
        $near = $places;
        for ($k = 1; $k <= $many; ++$k) {
            $near = gmp_or($near, $places << 8 * $k * $step);
        }

        return $near;
    }

    /** 1 for every byte that has bits. */
    private static function marked(string $bytes, string $all): string
    {
        return strtr($bytes, $all, "\0".str_repeat("\1", 255));
    }

    /** The contour is near only where the nearest places differ. */
    private function isNear(int $x, int $y): bool
    {
        $tones = $this->tones->tones;
        [$wide, $high] = [$this->tones->width, $this->tones->height];
        [$least, $most] = [255, 0];
        for ($j = -1; $j <= 1; ++$j) {
            $row = min($high - 1, max(0, $y + $j)) * $wide;
            for ($i = -1; $i <= 1; ++$i) {
                $tone = \ord($tones[$row + min($wide - 1, max(0, $x + $i))]);
                $least = $tone < $least ? $tone : $least;
                $most = $tone > $most ? $tone : $most;
            }
        }

        return ($most - $least) * 2 * $this->reach >= self::CONTRAST;
    }

    /** @return Edge|null the tones of both sides, where a hard edge runs through this place or beside it */
    private function sides(int $x, int $y): ?array
    {
        $tones = $this->tones->tones;
        [$wide, $high] = [$this->tones->width, $this->tones->height];
        $reach = $this->reach;
        $around = [];
        [$least, $most] = [255, 0];
        for ($j = -self::AROUND; $j <= self::AROUND; ++$j) {
            $row = min($high - 1, max(0, $y + $j * $reach)) * $wide;
            for ($i = -self::AROUND; $i <= self::AROUND; ++$i) {
                $tone = \ord($tones[$row + min($wide - 1, max(0, $x + $i * $reach))]);
                $around[] = $tone;
                $least = $tone < $least ? $tone : $least;
                $most = $tone > $most ? $tone : $most;
            }
        }
        if ($most - $least < self::CONTRAST) {
            return null;
        }

        return self::told($around, $least, $most);
    }

    /**
     * @param list<int> $around tones round a place
     *
     * @return Edge|null
     */
    private static function told(array $around, int $least, int $most): ?array
    {
        $quarter = ($most - $least) / 4;
        [$low, $high] = [$least + $quarter, $most - $quarter];
        [$lows, $highs, $below, $above] = [0, 0, 0, 0];
        foreach ($around as $tone) {
            if ($tone <= $low) {
                $below += $tone;
                ++$lows;
            } elseif ($tone >= $high) {
                $above += $tone;
                ++$highs;
            }
        }
        if ($lows < self::ENOUGH || $highs < self::ENOUGH || 2 * ($lows + $highs) < \count($around)) {
            return null;
        }
        [$below, $above] = [$below / $lows, $above / $highs];
        [$scatterLow, $scatterHigh] = [0.0, 0.0];
        foreach ($around as $tone) {
            if ($tone <= $low) {
                $scatterLow += abs($tone - $below);
            } elseif ($tone >= $high) {
                $scatterHigh += abs($tone - $above);
            }
        }
        if ($scatterLow > self::FLAT * $lows && $scatterHigh > self::FLAT * $highs) {
            return null;
        }

        return [self::end((int) round($below)), self::end((int) round($above))];
    }

    private static function end(int $tone): int
    {
        return $tone <= self::END ? 0 : ($tone >= 255 - self::END ? 255 : $tone);
    }
}
