<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\SideBySide;

/**
 * Draws the plates at film resolution. Who owns a film pixel is decided between the four art pixels round it:
 * their shares are interpolated and the largest wins, so edges run smoothly through smoothed pixels, and every film
 * pixel falls to exactly one colour, so no crack opens where three meet.
 */
final class PlateRaster
{
    /** A film of so many pixels is drawn in bands. */
    private const LARGE_PIXELS = 4_000_000;
    private const BANDS = 8;

    /**
     * @param list<int>                    $leaders  the colours to draw; all others stay open
     * @param (callable(float): void)|null $progress told the share done, 0–1
     *
     * @return array<int, BitPlane> by leader
     */
    public static function draw(ColourField $field, int $filmWidth, int $filmHeight, array $leaders, ?callable $progress = null): array
    {
        if ($field->share === '' && $field->width === $filmWidth && $field->height === $filmHeight) {
            return self::pixelForPixel($field, $leaders, $progress);
        }
        // In bands, so that every core draws; a small film is one band.
        $bands = [];
        // Only this process tells how far it is: what is told may go to a database, and a child must not use its parent's.
        $here = getmypid();
        $high = $filmWidth * $filmHeight < self::LARGE_PIXELS ? $filmHeight : (int) ceil($filmHeight / self::BANDS);
        for ($from = 0; $from < $filmHeight; $from += $high) {
            $to = min($filmHeight, $from + $high);
            $bands[] = static function () use ($field, $filmWidth, $filmHeight, $leaders, $from, $to, $progress, $here): array {
                if ($progress !== null && getmypid() === $here) {
                    $progress($from / $filmHeight);
                }

                return self::band($field, $filmWidth, $filmHeight, $leaders, $from, $to);
            };
        }
        $drawn = SideBySide::all($bands);
        $planes = [];
        foreach ($leaders as $leader) {
            $planes[$leader] = new BitPlane($filmWidth, $filmHeight, implode('', array_column($drawn, $leader)));
            foreach (array_keys($drawn) as $band) {
                unset($drawn[$band][$leader]);
            }
        }

        return $planes;
    }

    /**
     * @param list<int> $leaders
     *
     * @return array<int, string> the rows of the film from one up to, not with, another, by leader
     */
    private static function band(ColourField $field, int $filmWidth, int $filmHeight, array $leaders, int $fromRow, int $toRow): array
    {
        $width = $field->width;
        $stride = ($filmWidth + 7) >> 3;
        $perFilmX = $width / $filmWidth;
        $perFilmY = $field->height / $filmHeight;

        $cellStart = [0];
        for ($i = 1; $i < $width; ++$i) {
            $cellStart[] = max(0, min($filmWidth, (int) ceil(($i + 0.5) / $perFilmX - 0.5 - 1e-9)));
        }
        $cellStart[] = $filmWidth;
        $weightOfX = [];
        for ($x = 0; $x < $filmWidth; ++$x) {
            $at = max(0.0, min($width - 1.0, ($x + 0.5) * $perFilmX - 0.5));
            $weightOfX[] = $at - floor($at + 1e-9);
        }

        $unshared = str_repeat("\0", $width);
        $blank = str_repeat("\0", $stride);
        $solid = str_repeat("\xff", $stride);
        /** @var array<int, list<string>> $planes */
        $planes = array_fill_keys($leaders, []);
        $lastTop = -1;
        $top = $bottom = $topSecond = $bottomSecond = $topShare = $bottomShare = $mixed = '';
        for ($filmY = $fromRow; $filmY < $toRow; ++$filmY) {
            $v = max(0.0, min($field->height - 1.0, ($filmY + 0.5) * $perFilmY - 0.5));
            $j = (int) floor($v + 1e-9);
            $down = max(0.0, $v - $j);
            if ($j !== $lastTop) {
                $lastTop = $j;
                $below = min($j + 1, $field->height - 1);
                $top = substr($field->first, $j * $width, $width);
                $bottom = substr($field->first, $below * $width, $width);
                $topSecond = substr($field->second, $j * $width, $width);
                $bottomSecond = substr($field->second, $below * $width, $width);
                $topShare = $field->share === '' ? $unshared : substr($field->share, $j * $width, $width);
                $bottomShare = $field->share === '' ? $unshared : substr($field->share, $below * $width, $width);
                $mixed = self::mixed($top, $bottom, $topSecond, $bottomSecond);
            }

            $rows = array_fill_keys($leaders, $blank);
            $owner = -1;
            $start = 0;
            $cell = 0;
            while ($cell < $width) {
                $plain = strspn($mixed, "\0", $cell);
                if ($plain > 0) {
                    $here = \ord($top[$cell]);
                    if ($here !== $owner) {
                        $at = $cellStart[$cell];
                        if (isset($rows[$owner]) && $at > $start) {
                            $rows[$owner] = self::fill($rows[$owner], $solid, $start, $at);
                        }
                        $owner = $here;
                        $start = $at;
                    }
                    $cell += $plain;
                }
                $end = $cell + strcspn($mixed, "\0", $cell);
                for (; $cell < $end; ++$cell) {
                    $right = $cell + 1 < $width ? $cell + 1 : $cell;
                    $from = $cellStart[$cell];
                    $to = $cellStart[$cell + 1];
                    if ($from === $to) {
                        continue;
                    }
                    $corners = [
                        [\ord($top[$cell]), \ord($topSecond[$cell]), \ord($topShare[$cell])],
                        [\ord($top[$right]), \ord($topSecond[$right]), \ord($topShare[$right])],
                        [\ord($bottom[$cell]), \ord($bottomSecond[$cell]), \ord($bottomShare[$cell])],
                        [\ord($bottom[$right]), \ord($bottomSecond[$right]), \ord($bottomShare[$right])],
                    ];
                    // Shares of every colour at the left and the right side of the cell, at this film row.
                    $left = [];
                    $rightSide = [];
                    foreach ($corners as $c => [$one, $two, $part]) {
                        $weight = ($c < 2 ? 1 - $down : $down);
                        if (($c & 1) === 0) {
                            $left[$one] = ($left[$one] ?? 0) + $weight * (255 - $part);
                            $left[$two] = ($left[$two] ?? 0) + $weight * $part;
                        } else {
                            $rightSide[$one] = ($rightSide[$one] ?? 0) + $weight * (255 - $part);
                            $rightSide[$two] = ($rightSide[$two] ?? 0) + $weight * $part;
                        }
                    }
                    $all = $left + $rightSide;
                    for ($x = $from; $x < $to; ++$x) {
                        $across = $weightOfX[$x];
                        $most = -1.0;
                        $here = -1;
                        foreach ($all as $colour => $_) {
                            $share = ($left[$colour] ?? 0) * (1 - $across) + ($rightSide[$colour] ?? 0) * $across;
                            if ($share > $most + 1e-6 || ($share > $most - 1e-6 && $colour < $here)) {
                                $most = $share;
                                $here = $colour;
                            }
                        }
                        if ($here !== $owner) {
                            if (isset($rows[$owner]) && $x > $start) {
                                $rows[$owner] = self::fill($rows[$owner], $solid, $start, $x);
                            }
                            $owner = $here;
                            $start = $x;
                        }
                    }
                }
            }
            if (isset($rows[$owner])) {
                $rows[$owner] = self::fill($rows[$owner], $solid, $start, $filmWidth);
            }
            foreach ($rows as $leader => $row) {
                $planes[$leader][] = $row;
            }
        }

        return array_map(static fn (array $rows): string => implode('', $rows), $planes);
    }

    /** @return string for each cell 0 where the four art pixels round it are of one colour and no other has a share in them */
    private static function mixed(string $top, string $bottom, string $topSecond, string $bottomSecond): string
    {
        $width = \strlen($top);
        $above = Bits::unordered($top);
        $below = Bits::unordered($bottom);
        $unlike = ($above ^ $below) | ($above ^ Bits::unordered($topSecond)) | ($below ^ Bits::unordered($bottomSecond));
        // Beside the last pixel there is only itself.
        $beside = ($above >> 8) | (gmp_init(\ord($top[$width - 1])) << 8 * ($width - 1));

        return Bits::inOrder($unlike | ($unlike >> 8) | ($above ^ $beside), $width);
    }

    /**
     * Art at film resolution, drawn without smoothing: a film pixel is an art pixel. A row of owners becomes a row of
     * binary digits for each plate, and these a row of bits.
     *
     * @param list<int>                    $leaders
     * @param (callable(float): void)|null $progress
     *
     * @return array<int, BitPlane> by leader
     */
    private static function pixelForPixel(ColourField $field, array $leaders, ?callable $progress): array
    {
        $width = $field->width;
        $stride = ($width + 7) >> 3;
        $padding = str_repeat('0', $stride * 8 - $width);
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $digits = [];
        foreach ($leaders as $leader) {
            $digits[$leader] = substr_replace(str_repeat('0', 256), '1', $leader, 1);
        }
        $planes = array_fill_keys($leaders, []);
        $blank = str_repeat("\0", $stride);
        $known = '';
        $rows = [];
        for ($y = 0; $y < $field->height; ++$y) {
            $row = substr($field->first, $y * $width, $width);
            if ($row !== $known) {
                $known = $row;
                $present = count_chars($row, 1);
                foreach ($leaders as $leader) {
                    $rows[$leader] = isset($present[$leader]) ? str_pad(
                        gmp_export(gmp_init(strtr($row, $all, $digits[$leader]).$padding, 2)),
                        $stride,
                        "\0",
                        \STR_PAD_LEFT,
                    ) : $blank;
                }
            }
            foreach ($leaders as $leader) {
                $planes[$leader][] = $rows[$leader];
            }
            if ($progress !== null && ($y & 1023) === 0) {
                $progress($y / $field->height);
            }
        }
        $drawn = [];
        foreach ($leaders as $leader) {
            $drawn[$leader] = new BitPlane($width, $field->height, implode('', $planes[$leader]));
            unset($planes[$leader]);
        }

        return $drawn;
    }

    /** Sets the bits from x up to, not with, the end. */
    private static function fill(string $row, string $solid, int $from, int $to): string
    {
        $firstByte = $from >> 3;
        $lastByte = $to >> 3;
        $head = 0xFF >> ($from & 7);
        $tail = 0xFF & ~(0xFF >> ($to & 7));
        if ($firstByte === $lastByte) {
            $row[$firstByte] = \chr(\ord($row[$firstByte]) | ($head & $tail));

            return $row;
        }
        $row[$firstByte] = \chr(\ord($row[$firstByte]) | $head);
        $between = $lastByte - $firstByte - 1;
        if ($between > 6) {
            $row = substr_replace($row, substr($solid, 0, $between), $firstByte + 1, $between);
        } else {
            for ($i = $firstByte + 1; $i < $lastByte; ++$i) {
                $row[$i] = "\xff";
            }
        }
        if ($tail !== 0) {
            $row[$lastByte] = \chr(\ord($row[$lastByte]) | $tail);
        }

        return $row;
    }
}
