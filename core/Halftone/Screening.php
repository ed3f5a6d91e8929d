<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Raster\ToneRaster;

/**
 * Tone to dots: a film pixel prints where its tone reaches its threshold.
 *
 * A row of tones and a row of thresholds are each one long number with a byte for each pixel, and one subtraction compares
 * all of them: where the lower seven bits of a tone reach those of its threshold, the byte's highest bit stays set. Eight
 * such numbers, every eighth pixel in each, give the eight bits of the film's bytes.
 *
 * @phpstan-import-type Parts from SetOff
 */
final readonly class Screening
{
    /** Film rows of a piece of work. */
    private const BAND_ROWS = 512;
    private const LANES = 8;

    /** @var list<list<array{string, string}>> for each row of the supercell and each eighth pixel: the lower bits, and where the highest is not set */
    private array $thresholds;
    private int $stride;
    private int $steps;

    /** @param list<string> $rows of the supercell, thresholds a byte a pixel */
    private function __construct(private Supercell $cell, private array $rows, private int $width, private int $right = 0, private int $down = 0)
    {
        $this->stride = ($width + 7) >> 3;
        $this->steps = \strlen(count_chars(implode('', $rows), 3));
        $long = self::LANES * (intdiv($cell->period, self::LANES) + $this->stride + 2);
        $bytes = implode('', array_map(\chr(...), range(0, 255)));
        $low = implode('', array_map(static fn (int $t): string => \chr($t & 0x7F), range(0, 255)));
        $notHigh = implode('', array_map(static fn (int $t): string => \chr(~$t & 0x80), range(0, 255)));
        $this->thresholds = array_map(static function (string $row) use ($long, $cell, $bytes, $low, $notHigh): array {
            $row = substr(str_repeat($row, intdiv($long, $cell->period) + 1), 0, $long);

            return array_map(
                static fn (string $l, string $n): array => [$l, $n],
                Every::nth(strtr($row, $bytes, $low), self::LANES),
                Every::nth(strtr($row, $bytes, $notHigh), self::LANES),
            );
        }, $rows);
    }

    /** @param int $width of the film, pixels */
    public static function with(Supercell $cell, Dot $dot, int $width): self
    {
        return new self($cell, Thresholds::of($cell, $dot), $width);
    }

    /** @param Parts $parts of a cell that all its dots are set off by, along its sides */
    public function setOff(array $parts): self
    {
        [$right, $down] = SetOff::pixels($parts, $this->cell);

        return new self($this->cell, $this->rows, $this->width, $right, $down);
    }

    /** Dots that grow where those of the same setting do not: two such plates lie beside each other as long as there is room. */
    public static function between(Supercell $cell, Dot $dot, int $width): self
    {
        $steps = implode('', array_map(\chr(...), range(1, 255)));

        return new self($cell, array_map(static fn (string $row): string => strtr($row, $steps, strrev($steps)), Thresholds::of($cell, $dot)), $width);
    }

    /**
     * @param int            $times  film pixels that a tone covers each way: 1, 2, 4 or 8
     * @param int            $height of the film, pixels
     * @param HardEdges|null $edges  of these tones, to be cut at the film’s own resolution; null leaves all to the dots
     *
     * @throws \LengthException where the tones do not cover the film
     */
    public function film(ToneRaster $tones, int $times, int $height, ?HardEdges $edges = null): BitPlane
    {
        if ($tones->width * $times < $this->width || $tones->height * $times < $height) {
            throw new \LengthException('The tones do not cover the film.');
        }
        $bands = [];
        for ($from = 0; $from < $height; $from += self::BAND_ROWS) {
            $to = min($height, $from + self::BAND_ROWS);
            $bands[] = function () use ($tones, $times, $from, $to, $edges): string {
                $film = $this->band($tones, $times, $from, $to);

                return $edges === null ? $film : $this->cut($film, $tones, $times, $from, $to, $edges);
            };
        }

        return BitPlane::within($this->width, $height, implode('', SideBySide::all($bands, \count($bands) > 2)));
    }

    /** Tones that differ, bare among them. */
    public function levels(): int
    {
        return $this->steps + 1;
    }

    /** @return string the rows of the film from one up to, not with, another */
    private function band(ToneRaster $tones, int $times, int $from, int $to): string
    {
        $columns = intdiv(self::LANES, $times);
        $high = Bits::unordered(str_repeat("\x80", $this->stride));
        $blank = str_repeat("\0", $this->stride);
        $solid = str_repeat("\xff", $this->stride);
        $none = str_repeat("\0", $tones->width);
        $all = str_repeat("\xff", $tones->width);
        $known = '';
        $tone = [];
        $film = '';
        for ($y = $from; $y < $to; ++$y) {
            $row = substr($tones->tones, intdiv($y, $times) * $tones->width, $tones->width);
            if ($row === $none || $row === $all) {
                $film .= $row === $none ? $blank : $solid;
                continue;
            }
            if ($row !== $known) {
                $known = $row;
                $whole = substr(str_pad($row, $columns * $this->stride, "\0"), 0, $columns * $this->stride);
                $tone = array_map(static function (string $column) use ($high): array {
                    $bits = Bits::unordered($column);

                    return [gmp_or($bits, $high), gmp_and($bits, $high)];
                }, Every::nth($whole, max(1, $columns)));
            }
            $film .= $this->row($tone, $times, $y);
        }

        return $film;
    }

    /** @return string the same rows with their hard edges cut */
    private function cut(string $film, ToneRaster $raster, int $times, int $from, int $to, HardEdges $edges): string
    {
        [$tones, $wide] = [$raster->tones, $raster->width];
        // How far each film pixel of a place is towards its neighbour, and which.
        $off = array_map(static fn (int $k): float => ($k + 0.5) / $times - 0.5, range(0, $times - 1));
        foreach ($edges->in(intdiv($from, $times), min($raster->height, intdiv($to + $times - 1, $times))) as $down => $places) {
            for ($k = max(0, $from - $down * $times), $end = min($times, $to - $down * $times); $k < $end; ++$k) {
                $y = $down * $times + $k;
                $thresholds = $this->thresholdsAt($y);
                $line = ($y - $from) * $this->stride;
                $here = $down * $wide;
                $beside = min($raster->height - 1, max(0, $off[$k] < 0 ? $down - 1 : $down + 1)) * $wide;
                $part = abs($off[$k]);
                foreach ($places as $across => [$less, $more]) {
                    $middle = \ord($tones[$here + $across]) + $part * (\ord($tones[$beside + $across]) - \ord($tones[$here + $across]));
                    foreach ($off as $i => $far) {
                        $x = $across * $times + $i;
                        if ($x >= $this->width) {
                            break;
                        }
                        $next = $far < 0 ? max(0, $across - 1) : min($wide - 1, $across + 1);
                        $there = \ord($tones[$here + $next]) + $part * (\ord($tones[$beside + $next]) - \ord($tones[$here + $next]));
                        $side = 2 * ($middle + ($far < 0 ? -$far : $far) * ($there - $middle)) < $less + $more ? $less : $more;
                        $bit = 0x80 >> ($x & 7);
                        $byte = \ord($film[$line + ($x >> 3)]);
                        $film[$line + ($x >> 3)] = \chr($side >= \ord($thresholds[$x]) ? $byte | $bit : $byte & ~$bit);
                    }
                }
            }
        }

        return $film;
    }

    /** @return array{int, int} which row of the supercell a row of the film has, and which of its pixels stands first */
    private function at(int $y): array
    {
        [$rows, $period] = [$this->cell->rows, $this->cell->period];
        $y -= $this->down;
        $again = (int) floor($y / $rows);
        $start = (-$again * $this->cell->shift - $this->right) % $period;

        return [$y - $again * $rows, $start < 0 ? $start + $period : $start];
    }

    /** @return string thresholds of a row of the film, a byte a pixel */
    private function thresholdsAt(int $y): string
    {
        [$row, $start] = $this->at($y);

        return substr(str_repeat($this->rows[$row], intdiv($start + $this->width, $this->cell->period) + 1), $start, $this->width);
    }

    /** @param list<array{\GMP, \GMP}> $tone of each column: with the highest bit set, and that bit alone */
    private function row(array $tone, int $times, int $y): string
    {
        [$row, $start] = $this->at($y);
        $thresholds = $this->thresholds[$row];
        $film = gmp_init(0);
        for ($lane = 0; $lane < self::LANES; ++$lane) {
            $at = $start + $lane;
            [$low, $notHigh] = $thresholds[$at & 7];
            $low = Bits::unordered(substr($low, $at >> 3, $this->stride));
            $notHigh = Bits::unordered(substr($notHigh, $at >> 3, $this->stride));
            [$set, $highest] = $tone[intdiv($lane, $times)];
            // The highest bits decide; where they are alike, the lower ones.
            $reached = gmp_or(gmp_and($highest, $notHigh), gmp_and(gmp_xor($highest, $notHigh), gmp_sub($set, $low)));
            $film = gmp_or($film, $reached >> $lane);
        }

        return Bits::inOrder($film, $this->stride);
    }
}
