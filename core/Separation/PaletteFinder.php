<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\SideBySide;

/**
 * Finds the flat colours of a picture. A pixel votes only where its 3 × 3 neighbourhood is uniform, so the mixed
 * pixels of smoothed edges are no colours. Large pictures are asked on a grid.
 *
 * @phpstan-import-type Votes from PaletteColour
 */
final class PaletteFinder
{
    /** How many pixels are asked at the most. */
    private const ASKED = 1_200_000;
    /** Channel difference that still counts as uniform in a noisy picture, of 255 (heuristic). */
    private const NOISE = 10;
    /** Noisy colours closer than this are one colour, ΔE00 (heuristic). */
    private const NOISE_DELTA_E = 4.0;
    /** A colour this near a larger one, and this much smaller, is its halo (heuristic). */
    private const HALO_DELTA_E = 10.0;
    private const HALO_SHARE = 0.05;
    /** Colours closer than this look the same, ΔE00 (heuristic), and so many of them are noise. */
    private const SAME_DELTA_E = 2.0;
    private const MOST_SATELLITES = 3;
    /** More flat colours than this are a tonal picture (heuristic). */
    private const MOST_COLOURS = 24;
    /** Share of the votes below which a colour is noise. */
    private const LEAST_SHARE = 6e-6;
    private const LEAST = 5;
    /** A drawing names its colours: so few pixels of one are enough. */
    private const LEAST_SHARE_NAMED = 1e-6;
    private const LEAST_NAMED = 6;
    private const LEAST_SHARE_NOISY = 2e-4;

    /** @throws ImpossibleSeparation where the picture holds no flat colour, or too many to be inks */
    public static function find(ArtRaster $art, ?int $inks = null): Palette
    {
        [$exact, $near, $asked] = self::votes($art);
        $exactVotes = array_sum($exact);
        $nearVotes = array_sum(array_column($near, 3));
        $flatShare = ($exactVotes + $nearVotes) / max(1, $asked);
        if ($exactVotes + $nearVotes === 0) {
            // Nothing is uniform: a picture of a few pixels, or one that is all hairlines. Every pixel votes then.
            $exact = self::everyPixel($art);
            $exactVotes = array_sum($exact);
        }
        $noisy = $art->lossy || $nearVotes > 0.1 * $exactVotes || \count($exact) > 256;
        $colours = $noisy ? [] : self::exactColours($exact, $exactVotes);
        $noisy = $noisy || self::satellites($colours) >= self::MOST_SATELLITES;
        $colours = $noisy ? self::clusters($exact, $near, $art) : $colours;
        $colours = $art->unsmoothed ? self::named($art, $colours) : self::withLines($colours, $art, $noisy);
        if (\count($colours) > self::MOST_COLOURS && $inks === null) {
            throw ImpossibleSeparation::at('art', \sprintf('The picture has %s flat colours, more than inks can follow: it looks tonal, like a photograph or a blend. Say how many inks it may have, or bring flat art.', \count($colours) > 999 ? 'thousands of' : (string) \count($colours)));
        }
        if (\count($colours) > 96) {
            throw ImpossibleSeparation::at('art', 'The picture is tonal, a photograph or a blend: spot plates would cut it into patches. Bring flat art for a spot separation.');
        }

        return new Palette($colours, $noisy, null, $flatShare);
    }

    /**
     * @return array{array<int, int>, array<int, Votes>, int} votes by exact colour (24 bits), the sums of
     *                                                        red, green, blue and votes by 5-bit colour, and
     *                                                        how many pixels were asked
     */
    private static function votes(ArtRaster $art): array
    {
        $step = max(1, (int) floor(sqrt($art->width * $art->height / self::ASKED)));
        $half = 1 + $step * intdiv($art->height, 2 * $step);
        $halves = SideBySide::all([
            static fn (): array => self::votesOfRows($art, 1, min($half, $art->height - 1), $step),
            static fn (): array => self::votesOfRows($art, $half, $art->height - 1, $step),
        ], $art->width * $art->height > self::ASKED);
        [$exact, $near, $asked] = $halves[0];
        foreach ($halves[1][0] as $key => $count) {
            $exact[$key] = ($exact[$key] ?? 0) + $count;
        }
        foreach ($halves[1][1] as $key => [$red, $green, $blue, $count]) {
            $was = $near[$key] ?? [0, 0, 0, 0];
            $near[$key] = [$was[0] + $red, $was[1] + $green, $was[2] + $blue, $was[3] + $count];
        }

        return [$exact, $near, $asked + $halves[1][2]];
    }

    /** @return array{array<int, int>, array<int, Votes>, int} of some rows, as above */
    private static function votesOfRows(ArtRaster $art, int $from, int $to, int $step): array
    {
        $rgb = $art->rgb;
        $stride = $art->width * 3;
        $exact = [];
        $near = [];
        $asked = 0;
        for ($y = $from; $y < $to; $y += $step) {
            $above = ($y - 1) * $stride;
            $unlike = self::unlike($rgb, $above, $stride);
            $x = 1;
            while ($x < $art->width - 1) {
                // From the pixel before on, so many are like their right neighbours and those below: one colour votes for all.
                $alike = intdiv(strspn($unlike, "\0", 3 * $x - 3), 3);
                if ($alike >= 2) {
                    $votes = intdiv(min($alike, $art->width - $x) - 2, $step) + 1;
                    $at = $above + 3 * $x;
                    $key = (\ord($rgb[$at]) << 16) | (\ord($rgb[$at + 1]) << 8) | \ord($rgb[$at + 2]);
                    $exact[$key] = ($exact[$key] ?? 0) + $votes;
                    $asked += $votes;
                    $x += $votes * $step;
                    continue;
                }
                ++$asked;
                $at = $above + ($x - 1) * 3;
                $x += $step;
                $red = \ord($rgb[$at]);
                $green = \ord($rgb[$at + 1]);
                $blue = \ord($rgb[$at + 2]);
                $sumRed = $sumGreen = $sumBlue = 0;
                for ($line = 0; $line < 3; ++$line) {
                    $of = $at + $line * $stride;
                    for ($i = 0; $i < 9; $i += 3) {
                        $r = \ord($rgb[$of + $i]);
                        $g = \ord($rgb[$of + $i + 1]);
                        $b = \ord($rgb[$of + $i + 2]);
                        if (abs($r - $red) > self::NOISE || abs($g - $green) > self::NOISE || abs($b - $blue) > self::NOISE) {
                            continue 3;
                        }
                        $sumRed += $r;
                        $sumGreen += $g;
                        $sumBlue += $b;
                    }
                }
                $key = (intdiv($sumRed, 72) << 10) | (intdiv($sumGreen, 72) << 5) | intdiv($sumBlue, 72);
                $bin = $near[$key] ?? [0, 0, 0, 0];
                $near[$key] = [$bin[0] + intdiv($sumRed, 9), $bin[1] + intdiv($sumGreen, 9), $bin[2] + intdiv($sumBlue, 9), $bin[3] + 1];
            }
        }

        return [$exact, $near, $asked];
    }

    /**
     * Where three rows change: a pixel's bytes are 0 where it is the same in all three, its right neighbour too, and both
     * are of one colour.
     */
    private static function unlike(string $rgb, int $above, int $stride): string
    {
        $first = Bits::unordered(substr($rgb, $above, $stride));
        $second = Bits::unordered(substr($rgb, $above + $stride, $stride));
        $third = Bits::unordered(substr($rgb, $above + 2 * $stride, $stride));
        $down = gmp_or(gmp_xor($first, $second), gmp_xor($second, $third));

        return Bits::inOrder(gmp_or(gmp_xor($first, $first >> 24), gmp_or($down, $down >> 24)), $stride);
    }

    /** @return array<int, int> */
    private static function everyPixel(ArtRaster $art): array
    {
        $exact = [];
        $step = 3 * max(1, intdiv($art->width * $art->height, self::ASKED));
        for ($at = 0, $end = \strlen($art->rgb); $at < $end; $at += $step) {
            $key = (\ord($art->rgb[$at]) << 16) | (\ord($art->rgb[$at + 1]) << 8) | \ord($art->rgb[$at + 2]);
            $exact[$key] = ($exact[$key] ?? 0) + 1;
        }

        return $exact;
    }

    /** @return array<int, int> how many pixels each colour has: all of them, a run of one colour in one step */
    private static function counted(ArtRaster $art): array
    {
        $counts = $ofRow = [];
        $stride = 3 * $art->width;
        $before = '';
        for ($at = 0, $end = \strlen($art->rgb); $at < $end; $at += $stride) {
            $row = substr($art->rgb, $at, $stride);
            if ($row !== $before) {
                $ofRow = [];
                $changed = $row ^ (substr($row, 0, 3).substr($row, 0, -3));
                for ($x = 0; $x < $art->width; $x += $run) {
                    $run = 1 + intdiv(strspn($changed, "\0", 3 * $x + 3), 3);
                    $key = (\ord($row[3 * $x]) << 16) | (\ord($row[3 * $x + 1]) << 8) | \ord($row[3 * $x + 2]);
                    $ofRow[$key] = ($ofRow[$key] ?? 0) + $run;
                }
                $before = $row;
            }
            foreach ($ofRow as $key => $count) {
                $counts[$key] = ($counts[$key] ?? 0) + $count;
            }
        }

        return $counts;
    }

    /**
     * @param array<int, int> $exact
     *
     * @return list<PaletteColour>
     */
    private static function exactColours(array $exact, int $votes, ?float $least = null): array
    {
        arsort($exact);
        $least ??= max(self::LEAST, self::LEAST_SHARE * $votes);
        $colours = [];
        foreach ($exact as $key => $count) {
            if ($count >= $least || $colours === []) {
                $colours[] = new PaletteColour(new Srgb($key >> 16, ($key >> 8) & 255, $key & 255), $count / $votes);
            }
        }

        return $colours;
    }

    /**
     * How many colours look the same as a far larger one: a picture that was once a JPEG has many, a clean one a stray
     * or two.
     *
     * @param list<PaletteColour> $colours largest first
     */
    private static function satellites(array $colours): int
    {
        $count = 0;
        foreach ($colours as $i => $colour) {
            foreach (\array_slice($colours, 0, $i) as $larger) {
                if ($colour->share < 0.1 * $larger->share && Ciede2000::between($colour->lab, $larger->lab) < self::SAME_DELTA_E) {
                    ++$count;
                    break;
                }
            }
        }

        return $count;
    }

    /**
     * Largest first, every colour joins the cluster within NOISE_DELTA_E of it or starts its own.
     *
     * @param array<int, int>   $exact
     * @param array<int, Votes> $near
     *
     * @return list<PaletteColour>
     */
    private static function clusters(array $exact, array $near, ArtRaster $art): array
    {
        foreach ($exact as $key => $count) {
            $r = $key >> 16;
            $g = ($key >> 8) & 255;
            $b = $key & 255;
            $bin = (($r >> 3) << 10) | (($g >> 3) << 5) | ($b >> 3);
            $was = $near[$bin] ?? [0, 0, 0, 0];
            $near[$bin] = [$was[0] + $r * $count, $was[1] + $g * $count, $was[2] + $b * $count, $was[3] + $count];
        }
        usort($near, static fn (array $a, array $b): int => $b[3] <=> $a[3]);
        $total = array_sum(array_column($near, 3));
        /** @var list<array{Lab, int, int, int, int}> $clusters */
        $clusters = [];
        $members = [];
        foreach ($near as [$r, $g, $b, $count]) {
            $lab = Lab::of(new Srgb((int) round($r / $count), (int) round($g / $count), (int) round($b / $count)));
            foreach ($clusters as $i => $cluster) {
                if (Ciede2000::between($cluster[0], $lab) < self::NOISE_DELTA_E) {
                    $clusters[$i] = [$cluster[0], $cluster[1] + $r, $cluster[2] + $g, $cluster[3] + $b, $cluster[4] + $count];
                    $members[$i][] = [$r, $g, $b, $count];
                    continue 2;
                }
            }
            if (\count($clusters) < 200) {
                $members[\count($clusters)] = [[$r, $g, $b, $count]];
                $clusters[] = [$lab, $r, $g, $b, $count];
            }
        }
        $colours = [];
        foreach ($clusters as $i => [, $r, $g, $b, $count]) {
            if ($count >= max(4, self::LEAST_SHARE_NOISY * $total) || $colours === []) {
                $colours[] = new PaletteColour(
                    new Srgb((int) round($r / $count), (int) round($g / $count), (int) round($b / $count)),
                    $count / $total,
                    $members[$i] ?? [],
                );
            }
        }
        usort($colours, static fn (PaletteColour $a, PaletteColour $b): int => $b->share <=> $a->share);

        return self::withoutHalos($colours, $art);
    }

    /**
     * Drops what is only the bleeding of a far larger colour: compression spreads colour round every edge.
     *
     * @param list<PaletteColour> $colours largest first
     *
     * @return list<PaletteColour>
     */
    private static function withoutHalos(array $colours, ArtRaster $art): array
    {
        $kept = [];
        foreach ($colours as $colour) {
            foreach ($kept as $larger) {
                if ($colour->share < self::HALO_SHARE * $larger->share && Ciede2000::between(
                    $colour->lab,
                    $larger->lab,
                ) < self::HALO_DELTA_E && !Depth::has($art, $colour->colour, $larger->colour)) {
                    continue 2;
                }
            }
            $kept[] = $colour;
        }

        return $kept;
    }

    /**
     * With the colours that live only in thin strokes.
     *
     * @param list<PaletteColour> $colours
     *
     * @return list<PaletteColour> largest first
     */
    private static function withLines(array $colours, ArtRaster $art, bool $noisy): array
    {
        $all = [...$colours, ...LineColours::beside($colours, $art, $noisy)];
        usort($all, static fn (PaletteColour $a, PaletteColour $b): int => $b->share <=> $a->share);

        return \count($all) > self::MOST_COLOURS ? $colours : $all;
    }

    /**
     * A drawing without smoothed edges has no mixtures: each of its pixels names its colour, however thin the stroke.
     *
     * @param list<PaletteColour> $colours those with an inside
     *
     * @return list<PaletteColour> largest first
     */
    private static function named(ArtRaster $art, array $colours): array
    {
        $all = self::counted($art);
        $total = array_sum($all);
        $named = self::exactColours($all, $total, max(self::LEAST_NAMED, self::LEAST_SHARE_NAMED * $total));

        return \count($named) > self::MOST_COLOURS ? $colours : $named;
    }
}
