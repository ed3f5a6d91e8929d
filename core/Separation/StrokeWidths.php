<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Crossings;

/**
 * How thin a plate gets: its lines of ink and the gaps between them.
 *
 * A stroke that crosses a row over a length L, its two edges leaning alike by the angle a, is L cos a wide. Rows see
 * all strokes that lean up to 45°, columns the others. Where the two edges do not run alike (the tip of a wedge,
 * the cap of a disc) there is no line. Widths are gathered in squares of CELL_MM: each square with its thinnest stroke.
 *
 * @phpstan-type Stroke array{float, float, float}
 */
final readonly class StrokeWidths
{
    /** Wider strokes hold on any mesh and are not listed, mm. */
    public const WIDEST_MM = 1.3;
    private const CELL_MM = 5.0;
    /** Thinner and shorter than this is a sliver (heuristic). */
    private const SLIVER_MM = 0.1;
    private const SLIVER_LENGTH_MM = 1.5;
    /** What is thin rules the mesh from this length on, all thinner places together, and from this share of all lines (heuristic). */
    private const COUNTS_MM = 2.0;
    private const COUNTS_SHARE = 0.01;
    private const HAIR_MM = 0.12;
    private const HAIR_LENGTH_MM = 0.8;
    /** Edges that lean together more than this are a wedge, not a line, radians (heuristic). */
    private const ALIKE = 0.15;
    /** A stroke keeps its width from end to end of what is looked at, share (heuristic): one cut off aslant does not. */
    private const EVEN = 0.12;
    /** Just over 45°, so that no stroke falls between rows and columns, radians. */
    private const STEEPEST = 0.84;
    /** A row every so many millimetres. */
    private const EVERY_MM = 0.127;
    /** In a place, this share of the thinnest readings is averaged: enough to calm the pixel steps. */
    private const THINNEST_SHARE = 0.3;

    /**
     * @param list<ThinPlace> $lines thinnest first
     * @param list<ThinPlace> $gaps  thinnest first
     */
    private function __construct(public array $lines, public array $gaps)
    {
    }

    /** Of a plate whose dots are held by their range and not by their width. */
    public static function none(): self
    {
        return new self([], []);
    }

    /**
     * As they were found and listed before.
     *
     * @param list<ThinPlace> $lines thinnest first
     * @param list<ThinPlace> $gaps  thinnest first
     */
    public static function listed(array $lines, array $gaps): self
    {
        return new self($lines, $gaps);
    }

    /** Of a plate of squares: each of them, and each gap between two, is so wide. */
    public static function even(float $mm): self
    {
        $place = new ThinPlace(0.0, 0.0, $mm, self::COUNTS_MM);

        return new self([$place], [$place]);
    }

    /** mm, null where every line is wider than WIDEST_MM */
    public function finestLineMm(): ?float
    {
        return self::finest($this->lines);
    }

    /** mm, null where every gap is wider than WIDEST_MM */
    public function finestGapMm(): ?float
    {
        return self::finest($this->gaps);
    }

    /**
     * All are listed, but a place rules the mesh by its length: tips and corners are thin for a moment, and nobody misses
     * them; slivers where shapes cross are on no film.
     *
     * @param list<ThinPlace> $places thinnest first
     */
    private static function finest(array $places): ?float
    {
        $lines = array_values(array_filter(
            $places,
            static fn (ThinPlace $p): bool => $p->widthMm >= self::SLIVER_MM || $p->lengthMm >= self::SLIVER_LENGTH_MM,
        ));
        $all = array_sum(array_map(static fn (ThinPlace $p): float => $p->lengthMm, $lines));
        $counts = min($all, max(self::COUNTS_MM, self::COUNTS_SHARE * $all));
        $so = 0.0;
        foreach ($lines as $line) {
            $so += $line->lengthMm;
            if ($so >= $counts - 1e-9) {
                return $line->widthMm;
            }
        }

        return null;
    }

    /**
     * @param float $dpi     of the plane
     * @param float $leastMm thinner lines are left out: slivers that nobody means to print
     */
    public static function of(BitPlane $plane, float $dpi, float $leastMm = 0.0): self
    {
        $step = max(1, (int) round(self::EVERY_MM / 25.4 * $dpi));
        /** @var array<int, list<Stroke>> $lines by square: width, x, y in pixels */
        $lines = [];
        /** @var array<int, list<Stroke>> $gaps */
        $gaps = [];
        foreach ([false, true] as $down) {
            $inked = $down ? Crossings::ofColumns($plane, $step) : Crossings::ofRows($plane, $step);
            self::measure($inked, $step, $dpi, $down, $lines);
            // What lies open round the print is no gap, but a gap may open into it.
            $far = 4 * max($plane->width, $plane->height);
            $between = array_map(static fn (array $line): array => [-$far, ...$line, $far], $inked);
            unset($inked);
            self::measure($between, $step, $dpi, $down, $gaps);
        }

        $held = array_values(array_filter(self::places($lines, $step, $dpi), static fn (ThinPlace $p): bool => $p->widthMm >= $leastMm));

        return new self($held, self::places($gaps, $step, $dpi));
    }

    /**
     * @param list<list<int>>          $lines starts and ends of runs, line by line
     * @param array<int, list<Stroke>> $found
     *
     * @param-out array<int, list<Stroke>> $found
     */
    private static function measure(array $lines, int $step, float $dpi, bool $down, array &$found): void
    {
        $perMm = $dpi / 25.4;
        $widest = self::WIDEST_MM * $perMm;
        $longest = $widest * 1.5;
        $cell = self::CELL_MM * $perMm;
        $links = [];
        $count = \count($lines);
        for ($i = 0; $i + 1 < $count; ++$i) {
            $links[] = self::links($lines[$i], $lines[$i + 1]);
        }
        $links[] = [];
        /** @var list<array<int, int>> $back the same, upwards */
        $back = [[]];
        for ($i = 0; $i + 1 < $count; ++$i) {
            $back[] = array_flip(array_reverse($links[$i], true));
        }
        for ($i = 0; $i < $count; ++$i) {
            $line = $lines[$i];
            for ($r = 0, $ends = \count($line); $r < $ends; $r += 2) {
                $a = $line[$r];
                $b = $line[$r + 1];
                $length = $b - $a;
                if ($length > $longest) {
                    continue;
                }
                $hops = max(1, (int) ceil(max(6, min(24, $length)) / $step));
                [$downA, $downB, $below, $endsBelow] = self::follow($lines, $links, $i, $r, $hops, 1, longest: $longest);
                [$upA, $upB, $above, $endsAbove] = self::follow($lines, $back, $i, $r, $hops, -1, longest: $longest);
                $away = ($below + $above) * $step;
                if ($endsBelow && $endsAbove) {
                    // A dot: as wide as its longest run, or as high as it is where that is less.
                    if ($length < $downB - $downA || $length < $upB - $upA) {
                        continue;
                    }
                    $lean = 0.0;
                    $length = min($length, $away + $step);
                } else {
                    if ($away === 0) {
                        continue;
                    }
                    $left = atan(($downA - $upA) / $away);
                    $right = atan(($downB - $upB) / $away);
                    $lean = ($left + $right) / 2;
                    if (abs($left - $right) > self::ALIKE + 1.0 / $away || abs($lean) > self::STEEPEST || abs(
                        $downB - $downA - $upB + $upA,
                    ) > 2 + self::EVEN * $length) {
                        continue;
                    }
                }
                $width = $length * cos($lean);
                if ($width > $widest) {
                    continue;
                }
                $middle = ($a + $b) / 2;
                $across = $i * $step + 0.5;
                [$x, $y] = $down ? [$across, $middle] : [$middle, $across];
                $found[((int) ($y / $cell) << 16) | (int) ($x / $cell)][] = [$width, (float) $x, (float) $y];
            }
        }
    }

    /**
     * Which run of the next line continues each run of this one: the one that it overlaps most.
     *
     * @param list<int> $one
     * @param list<int> $two
     *
     * @return array<int, int> start index in one => start index in two
     */
    private static function links(array $one, array $two): array
    {
        $links = [];
        $q = 0;
        $end = \count($two);
        for ($p = 0, $last = \count($one); $p < $last; $p += 2) {
            while ($q < $end && $two[$q + 1] <= $one[$p]) {
                $q += 2;
            }
            $most = 0;
            for ($k = $q; $k < $end && $two[$k] < $one[$p + 1]; $k += 2) {
                $overlap = min($one[$p + 1], $two[$k + 1]) - max($one[$p], $two[$k]);
                if ($overlap > $most) {
                    $most = $overlap;
                    $links[$p] = $k;
                }
            }
        }

        return $links;
    }

    /**
     * @param list<list<int>>       $lines
     * @param list<array<int, int>> $links
     *
     * @return array{int, int, int, bool} start and end of the run reached, the lines gone, and whether it ends there
     */
    private static function follow(array $lines, array $links, int $i, int $r, int $hops, int $way, float $longest): array
    {
        $a = $lines[$i][$r];
        $b = $lines[$i][$r + 1];
        $gone = 0;
        while ($gone < $hops && isset($links[$i][$r])) {
            $r = $links[$i][$r];
            $i += $way;
            if ($lines[$i][$r + 1] - $lines[$i][$r] > $longest) {
                return [$a, $b, $gone, false];
            }
            $a = $lines[$i][$r];
            $b = $lines[$i][$r + 1];
            ++$gone;
        }

        return [$a, $b, $gone, $gone < $hops];
    }

    /**
     * @param array<int, list<Stroke>> $squares
     *
     * @return list<ThinPlace> thinnest first
     */
    private static function places(array $squares, int $step, float $dpi): array
    {
        $mm = 25.4 / $dpi;
        $places = [];
        foreach ($squares as $readings) {
            sort($readings);
            // The blunt tip of a wedge is a pixel or two wide for a moment; a hairline goes on.
            if (\count($readings) < 2 || ($readings[0][0] * $mm < self::HAIR_MM && \count($readings) * $step * $mm < self::HAIR_LENGTH_MM)) {
                continue;
            }
            $thin = \array_slice($readings, 0, max(2, (int) (self::THINNEST_SHARE * \count($readings))));
            $width = array_sum(array_column($thin, 0)) / \count($thin);
            // One of the thin readings is on the stroke itself; their mean may lie between two strokes.
            [, $x, $y] = $thin[intdiv(\count($thin), 2)];
            $places[] = new ThinPlace(
                round($x * $mm, 2),
                round($y * $mm, 2),
                round($width * $mm, 3),
                round(\count($readings) * $step * $mm, 2),
            );
        }
        usort($places, static fn (ThinPlace $a, ThinPlace $b): int => $a->widthMm <=> $b->widthMm);

        return $places;
    }
}
