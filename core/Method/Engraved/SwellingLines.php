<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Engraved;

use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Raster\ToneRaster;

/**
 * Parallel lines that never break: each is as wide, of the way to the next, as the tone at its middle.
 *
 * A line that leans by the angle a crosses a row of pixels every d / |sin a| of them, d being the way from line to line, and
 * lies there over as many pixels as its width by |sin a|. Where lines lie flatter than 45°, columns are cut in place of rows
 * and the film is turned at the end.
 */
final readonly class SwellingLines
{
    /** Rows of a piece of work. */
    private const BAND_ROWS = 256;

    private float $sin;
    private float $cos;
    private float $apart;
    private bool $byColumns;

    /** @param float $dpi of the film */
    public function __construct(Halftone $lines, float $dpi)
    {
        $turn = deg2rad($lines->angleDeg);
        $this->byColumns = abs(sin($turn)) < abs(cos($turn));
        // Seen by columns x and y change places, and with them sine and cosine.
        [$this->sin, $this->cos] = $this->byColumns ? [cos($turn), sin($turn)] : [sin($turn), cos($turn)];
        $this->apart = $dpi / $lines->lpi;
    }

    /** @param int $times film pixels that a tone covers each way */
    public function film(ToneRaster $tones, int $times, int $width, int $height): BitPlane
    {
        [$across, $down] = $this->byColumns ? [$height, $width] : [$width, $height];
        $tones = $this->byColumns ? self::turned($tones) : $tones;
        $bands = [];
        for ($from = 0; $from < $down; $from += self::BAND_ROWS) {
            $to = min($down, $from + self::BAND_ROWS);
            $bands[] = function () use ($tones, $times, $from, $to, $across): string {
                $rows = '';
                for ($y = $from; $y < $to; ++$y) {
                    $rows .= self::row($this->runs($tones, $times, $y, $across), $across);
                }

                return $rows;
            };
        }
        $rows = implode('', SideBySide::all($bands, \count($bands) > 4));

        return $this->byColumns ? self::turnedBack($rows, $across, $width, $height) : BitPlane::within($width, $height, $rows);
    }

    /** @return list<array{int, int}> pixels of a row that print: from one up to, not with, another; in order, none touching the next */
    private function runs(ToneRaster $tones, int $times, int $y, int $across): array
    {
        $per = $this->apart / abs($this->sin);
        // Rows are counted from the top, angles anticlockwise.
        $first = ($y + 0.5) * $this->cos / $this->sin * -1;
        $at = fmod($first, $per);
        $at = $at < 0 ? $at + $per : $at;
        $runs = [];
        for ($middle = $at - $per; $middle < $across + $per; $middle += $per) {
            $wide = self::tone($tones, ($middle / $times) - 0.5, (($y + 0.5) / $times) - 0.5) * $per;
            $from = max(0, (int) ceil($middle - $wide / 2 - 0.5));
            $to = min($across, (int) ceil($middle + $wide / 2 - 0.5));
            if ($to <= $from) {
                continue;
            }
            $last = \count($runs) - 1;
            if ($last >= 0 && $runs[$last][1] >= $from) {
                $runs[$last][1] = max($runs[$last][1], $to);
            } else {
                $runs[] = [$from, $to];
            }
        }

        return $runs;
    }

    /** The tone at a place between pixels, 0–1. */
    private static function tone(ToneRaster $tones, float $x, float $y): float
    {
        [$x, $y] = [max(0.0, min($tones->width - 1.0, $x)), max(0.0, min($tones->height - 1.0, $y))];
        [$left, $top] = [min((int) $x, max(0, $tones->width - 2)), min((int) $y, max(0, $tones->height - 2))];
        [$u, $v] = [$x - $left, $y - $top];
        $here = $top * $tones->width + $left;
        $right = $tones->width > 1 ? 1 : 0;
        $below = $tones->height > 1 ? $tones->width : 0;
        $upper = (1 - $u) * \ord($tones->tones[$here]) + $u * \ord($tones->tones[$here + $right]);
        $lower = (1 - $u) * \ord($tones->tones[$here + $below]) + $u * \ord($tones->tones[$here + $below + $right]);

        return ((1 - $v) * $upper + $v * $lower) / 255;
    }

    /**
     * @param list<array{int, int}> $runs
     *
     * @return string the row, a bit a pixel, the highest first
     */
    private static function row(array $runs, int $across): string
    {
        $row = str_repeat("\0", ($across + 7) >> 3);
        foreach ($runs as [$from, $to]) {
            [$one, $other] = [$from >> 3, ($to - 1) >> 3];
            $head = 0xFF >> ($from & 7);
            $tail = 0xFF << (7 - (($to - 1) & 7)) & 0xFF;
            if ($one === $other) {
                $row[$one] = \chr(\ord($row[$one]) | ($head & $tail));
                continue;
            }
            $row[$one] = \chr(\ord($row[$one]) | $head);
            $row[$other] = \chr(\ord($row[$other]) | $tail);
            if ($other > $one + 1) {
                $row = substr_replace($row, str_repeat("\xff", $other - $one - 1), $one + 1, $other - $one - 1);
            }
        }

        return $row;
    }

    private static function turned(ToneRaster $tones): ToneRaster
    {
        $columns = array_fill(0, $tones->width, '');
        foreach (str_split($tones->tones, max(1, $tones->width)) as $row) {
            for ($x = 0; $x < $tones->width; ++$x) {
                $columns[$x] .= $row[$x];
            }
        }

        return new ToneRaster($tones->height, $tones->width, implode('', $columns));
    }

    /** @param string $rows of the film seen by columns, a bit a pixel */
    private static function turnedBack(string $rows, int $across, int $width, int $height): BitPlane
    {
        $stride = ($across + 7) >> 3;
        $wide = ($width + 7) >> 3;
        // Eight columns of the film at a time, as eight rows: each of their bytes is eight pixels down.
        $spread = [];
        for ($byte = 0; $byte < 256; ++$byte) {
            $bits = 0;
            for ($bit = 0; $bit < 8; ++$bit) {
                // Bit k from the top goes to byte k of a number of eight.
                $bits |= ($byte >> (7 - $bit) & 1) << 8 * $bit;
            }
            $spread[$byte] = $bits;
        }
        $columns = [];
        for ($x = 0; $x < $wide; ++$x) {
            $eight = [];
            for ($k = 0; $k < 8; ++$k) {
                $eight[] = 8 * $x + $k < $width ? substr($rows, (8 * $x + $k) * $stride, $stride) : str_repeat("\0", $stride);
            }
            [$a, $b, $c, $d, $e, $f, $g, $h] = $eight;
            $packed = '';
            for ($y = 0; $y < $stride; ++$y) {
                $packed .= pack('P', $spread[\ord($a[$y])] << 7 | $spread[\ord($b[$y])] << 6 | $spread[\ord($c[$y])] << 5 | $spread[\ord($d[$y])] << 4 | $spread[\ord($e[$y])] << 3 | $spread[\ord($f[$y])] << 2 | $spread[\ord($g[$y])] << 1 | $spread[\ord($h[$y])]);
            }
            $columns[] = $packed;
        }
        $film = '';
        for ($y = 0; $y < $height; ++$y) {
            $line = '';
            foreach ($columns as $column) {
                $line .= $column[$y];
            }
            $film .= $line;
        }

        return BitPlane::within($width, $height, $film);
    }
}
