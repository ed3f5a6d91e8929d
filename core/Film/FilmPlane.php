<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Raster\BitPlane;

/** The whole film of a plate as one plane: the print, its marks, its centre ticks and its label. */
final class FilmPlane
{
    /** Pixel size of the letters' dots: 15 dots high, about 2.5 mm. */
    private const LETTER_MM = 2.5;
    private const TICK_MM = 6.0;
    private const LABEL_UP_MM = 4.5;
    /** Several lines may come so near to the edge. */
    private const LABEL_LEAST_MM = 2.0;
    /** Dots of a letter, upright and across. */
    private const LETTER_DOTS = 15;
    private const LETTER_WIDE = 9;

    /** @param StripShapes|null $strip what the plate prints of the register strip */
    public static function of(FilmSheet $sheet, BitPlane $print, string $label, ?StripShapes $strip = null): BitPlane
    {
        $stride = ($sheet->widthPx + 7) >> 3;
        $side = $sheet->marginPx >> 3;
        $blank = str_repeat("\0", $stride);
        $left = str_repeat("\0", $side);
        $rows = array_fill(0, $sheet->heightPx, $blank);
        for ($y = 0; $y < $print->height; ++$y) {
            $rows[$sheet->feedMarginPx + $y] = str_pad($left.$print->row($y), $stride, "\0");
        }
        foreach ($sheet->marks() as $mark) {
            $rows = self::mark($rows, $sheet, $mark);
        }
        $rows = self::ticks($rows, $sheet);
        $rows = self::label($rows, $sheet, $label);
        $perMm = $sheet->dpi / 25.4;
        foreach ([...$sheet->blacks(), ...$strip->blacks ?? []] as [$x, $y, $width, $height]) {
            for ($line = (int) round($y * $perMm), $end = (int) round(($y + $height) * $perMm); $line < $end; ++$line) {
                $rows[$line] = self::span($rows[$line], $x * $perMm, ($x + $width) * $perMm, $sheet->widthPx);
            }
        }

        foreach ($strip->rings ?? [] as [$x, $y, $radius, $line]) {
            $rows = self::ring($rows, $sheet, $x * $perMm, $y * $perMm, ($radius + $line / 2) * $perMm, ($radius - $line / 2) * $perMm);
        }

        return new BitPlane($sheet->widthPx, $sheet->heightPx, implode('', $rows));
    }

    /**
     * @param array<int, string> $rows
     *
     * @return array<int, string>
     */
    private static function mark(array $rows, FilmSheet $sheet, RegistrationMark $mark): array
    {
        $perMm = $sheet->dpi / 25.4;
        $at = $sheet->onFilm($mark->xMm, $mark->yMm);
        $cx = $at->xMm * $perMm;
        $cy = $at->yMm * $perMm;
        $half = RegistrationMark::HAIRLINE_MM / 2 * $perMm;
        $arm = RegistrationMark::ARM_MM * $perMm;
        $radius = RegistrationMark::RING_RADIUS_MM * $perMm;
        $rows = self::ring($rows, $sheet, $cx, $cy, $radius + $half, $radius - $half);
        for ($y = (int) floor($cy - $arm); $y <= (int) ceil($cy + $arm); ++$y) {
            $dy = $y + 0.5 - $cy;
            if (!isset($rows[$y]) || abs($dy) > $arm) {
                continue;
            }
            $spans = [[$cx - $half, $cx + $half]];
            if (abs($dy) <= $half) {
                $spans[] = [$cx - $arm, $cx + $arm];
            }
            foreach ($spans as [$from, $to]) {
                $rows[$y] = self::span($rows[$y], $from, $to, $sheet->widthPx);
            }
        }

        return $rows;
    }

    /**
     * A ring, or a spot where its inner radius is nothing; all in pixels.
     *
     * @param array<int, string> $rows
     *
     * @return array<int, string>
     */
    private static function ring(array $rows, FilmSheet $sheet, float $cx, float $cy, float $outer, float $inner): array
    {
        for ($y = (int) floor($cy - $outer); $y <= (int) ceil($cy + $outer); ++$y) {
            $dy = $y + 0.5 - $cy;
            if (!isset($rows[$y]) || abs($dy) >= $outer) {
                continue;
            }
            $out = sqrt($outer * $outer - $dy * $dy);
            $in = abs($dy) < $inner ? sqrt($inner * $inner - $dy * $dy) : 0.0;
            $rows[$y] = self::span($rows[$y], $cx - $out, $cx - $in, $sheet->widthPx);
            $rows[$y] = self::span($rows[$y], $cx + $in, $cx + $out, $sheet->widthPx);
        }

        return $rows;
    }

    /**
     * Short lines at the middle of the left and right edge: with the marks they give the centre lines for placing.
     *
     * @param array<int, string> $rows
     *
     * @return array<int, string>
     */
    private static function ticks(array $rows, FilmSheet $sheet): array
    {
        $perMm = $sheet->dpi / 25.4;
        $half = RegistrationMark::HAIRLINE_MM / 2 * $perMm;
        $middle = $sheet->heightPx / 2;
        for ($y = (int) round($middle - $half); $y < (int) round($middle + $half); ++$y) {
            $rows[$y] = self::span($rows[$y], 3 * $perMm, (3 + self::TICK_MM) * $perMm, $sheet->widthPx);
            $rows[$y] = self::span(
                $rows[$y],
                $sheet->widthPx - (3 + self::TICK_MM) * $perMm,
                $sheet->widthPx - 3 * $perMm,
                $sheet->widthPx,
            );
        }

        return $rows;
    }

    /**
     * All of the label: where one line is too short for it in usual letters, in smaller ones, or in several lines.
     *
     * @param array<int, string> $rows
     *
     * @return array<int, string>
     */
    private static function label(array $rows, FilmSheet $sheet, string $label): array
    {
        $perMm = $sheet->dpi / 25.4;
        $usual = max(1, (int) round(self::LETTER_MM * $perMm / self::LETTER_DOTS));
        $room = $sheet->widthPx - 2 * $sheet->marginPx;
        $letters = (string) iconv('UTF-8', 'ISO-8859-2//TRANSLIT', $label);
        $most = self::LETTER_DOTS * $usual + (int) ((self::LABEL_UP_MM - self::LABEL_LEAST_MM) * $perMm);
        $wrapped = static fn (int $dot): array => array_map(trim(...), explode("\n", wordwrap($letters, max(1, intdiv($room, self::LETTER_WIDE * $dot)), "\n", true)));
        $dot = $usual;
        while ($dot > 1 && \count($wrapped($dot)) * (self::LETTER_DOTS + 1) * $dot > $most) {
            --$dot;
        }
        $top = $sheet->heightPx - (int) round(self::LABEL_UP_MM * $perMm) - self::LETTER_DOTS * $usual;
        foreach ($wrapped($dot) as $n => $line) {
            $rows = self::written($rows, $line, $sheet->marginPx, $top + $n * (self::LETTER_DOTS + 1) * $dot, $dot, width: $sheet->widthPx);
        }

        return $rows;
    }

    /**
     * @param array<int, string> $rows
     * @param int                $dot  film pixels of a dot of its letters, each way
     *
     * @return array<int, string>
     */
    private static function written(array $rows, string $line, int $left, int $top, int $dot, int $width): array
    {
        $across = max(1, self::LETTER_WIDE * \strlen($line));
        $canvas = imagecreate($across, self::LETTER_DOTS);
        if ($canvas === false) {
            return $rows;
        }
        imagecolorallocate($canvas, 255, 255, 255);
        imagestring($canvas, 5, 0, 0, $line, (int) imagecolorallocate($canvas, 0, 0, 0));
        for ($y = 0; $y < self::LETTER_DOTS; ++$y) {
            for ($x = 0; $x < $across; ++$x) {
                for ($k = imagecolorat($canvas, $x, $y) === 0 ? $dot : 0; $k < $dot; ++$k) {
                    $at = $top + $y * $dot + $k;
                    if (isset($rows[$at])) {
                        $rows[$at] = self::span($rows[$at], $left + $x * $dot, $left + ($x + 1) * $dot, $width);
                    }
                }
            }
        }

        return $rows;
    }

    private static function span(string $row, float $from, float $to, int $width): string
    {
        for ($x = max(0, (int) round($from)), $end = min($width, (int) round($to)); $x < $end; ++$x) {
            $row[$x >> 3] = \chr(\ord($row[$x >> 3]) | (0x80 >> ($x & 7)));
        }

        return $row;
    }
}
