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
     * @param array<int, string> $rows
     *
     * @return array<int, string>
     */
    private static function label(array $rows, FilmSheet $sheet, string $label): array
    {
        $perMm = $sheet->dpi / 25.4;
        $dot = max(1, (int) round(self::LETTER_MM * $perMm / 15));
        $room = $sheet->widthPx - 2 * $sheet->marginPx;
        $letters = (string) iconv('UTF-8', 'ISO-8859-2//TRANSLIT', $label);
        $letters = substr($letters, 0, max(1, intdiv($room, 9 * $dot)));
        $width = max(1, 9 * \strlen($letters));
        $canvas = imagecreate($width, 15);
        if ($canvas === false) {
            return $rows;
        }
        imagecolorallocate($canvas, 255, 255, 255);
        imagestring($canvas, 5, 0, 0, $letters, (int) imagecolorallocate($canvas, 0, 0, 0));
        $top = $sheet->heightPx - (int) round(self::LABEL_UP_MM * $perMm) - 15 * $dot;
        for ($y = 0; $y < 15; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                if (imagecolorat($canvas, $x, $y) === 0) {
                    continue;
                }
                for ($line = 0; $line < $dot; ++$line) {
                    $at = $top + $y * $dot + $line;
                    if (isset($rows[$at])) {
                        $from = $sheet->marginPx + $x * $dot;
                        $rows[$at] = self::span($rows[$at], $from, $from + $dot, $sheet->widthPx);
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
