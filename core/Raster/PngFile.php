<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** Writes and unpacks PNG (ISO/IEC 15948), the few kinds that films and previews need. */
final class PngFile
{
    private const SIGNATURE = "\x89PNG\r\n\x1a\n";

    /**
     * One bit a pixel, black where the plane prints, with its resolution set so that it opens at true size.
     *
     * @param float $dpi pixels per inch
     */
    public static function ofPlane(BitPlane $plane, float $dpi): string
    {
        return self::packed($plane->width, $plane->height, 1, 0, ~$plane->bytes, $plane->stride, dpi: $dpi);
    }

    /** @param string $grey one byte a pixel, row by row */
    public static function ofGrey(int $width, int $height, string $grey): string
    {
        return self::packed($width, $height, 8, 0, $grey, $width, dpi: 0);
    }

    /** @param string $rgb three bytes a pixel, row by row; packed in haste, for a picture that is looked at once */
    public static function ofRgb(int $width, int $height, string $rgb): string
    {
        return self::packed($width, $height, 8, 2, $rgb, $width * 3, dpi: 0, level: 1);
    }

    /** @param string $rgba four bytes a pixel, row by row */
    public static function ofRgba(int $width, int $height, string $rgba): string
    {
        return self::packed($width, $height, 8, 6, $rgba, $width * 4, dpi: 0);
    }

    /**
     * The rows of a PNG of 8-bit RGB that is not interlaced, as the graphics extension writes it, three bytes a pixel.
     */
    public static function rgbRows(string $png, int $width): string
    {
        $data = '';
        $at = 8;
        while ($at + 8 <= \strlen($png)) {
            $length = self::word($png, $at);
            if (substr($png, $at + 4, 4) === 'IDAT') {
                $data .= substr($png, $at + 8, $length);
            }
            $at += 12 + $length;
        }
        $rows = gzuncompress($data);
        if ($rows === false || $rows === '') {
            throw new \UnexpectedValueException('The pixel data of the PNG does not unpack.');
        }
        $stride = $width * 3;
        $clean = [];
        $above = str_repeat("\0", $stride);
        for ($at = 0, $end = \strlen($rows); $at < $end; $at += $stride + 1) {
            $row = substr($rows, $at + 1, $stride);
            $above = match (\ord($rows[$at])) {
                0 => $row,
                1 => self::plusLeft($row),
                2 => self::plusAbove($row, $above),
                3 => self::plusMean($row, $above),
                4 => self::plusPaeth($row, $above),
                default => throw new \UnexpectedValueException('The PNG has a row filter that does not exist.'),
            };
            $clean[] = $above;
        }

        return implode('', $clean);
    }

    /** A film's plane from its PNG: one bit a pixel, grey, not interlaced, black prints; null where it is another kind. */
    public static function plane(string $png): ?BitPlane
    {
        if (!str_starts_with($png, self::SIGNATURE) || \strlen($png) < 33) {
            throw new \UnexpectedValueException('It is no PNG.');
        }
        [$width, $height] = [self::word($png, 16), self::word($png, 20)];
        if (substr($png, 24, 2) !== "\x01\0" || $png[28] !== "\0") {
            return null;
        }
        $data = '';
        for ($at = 8; $at + 8 <= \strlen($png); $at += 12 + $length) {
            $length = self::word($png, $at);
            $data .= substr($png, $at + 4, 4) === 'IDAT' ? substr($png, $at + 8, $length) : '';
        }
        $rows = @gzuncompress($data);
        $stride = ($width + 7) >> 3;
        if ($rows === false || \strlen($rows) !== ($stride + 1) * $height) {
            throw new \UnexpectedValueException('The pixel data of the PNG does not unpack.');
        }
        $clean = [];
        $above = str_repeat("\0", $stride);
        foreach (str_split($rows, max(1, $stride + 1)) as $row) {
            $filter = \ord($row[0]);
            $row = substr($row, 1);
            for ($i = 0; $filter !== 0 && $i < $stride; ++$i) {
                $left = $i === 0 ? 0 : \ord($row[$i - 1]);
                $up = \ord($above[$i]);
                $corner = $i === 0 ? 0 : \ord($above[$i - 1]);
                $row[$i] = \chr((\ord($row[$i]) + match ($filter) {
                    1 => $left,
                    2 => $up,
                    3 => ($left + $up) >> 1,
                    default => self::nearest($left, $up, $corner),
                }) & 255);
            }
            $clean[] = $above = $row;
        }
        // Bits beyond the width are no pixels.
        $bytes = ~implode('', $clean);
        if ($width % 8 !== 0) {
            $bytes &= str_repeat(str_repeat("\xff", $stride - 1).\chr(0xFF << (8 - $width % 8) & 255), $height);
        }

        return new BitPlane($width, $height, $bytes);
    }

    /** @return array{float, float}|null pixels per inch in x and y, as the file says */
    public static function resolution(string $png): ?array
    {
        $at = strpos($png, 'pHYs');

        return $at === false || $png[$at + 12] !== "\x01" ? null : [self::word($png, $at + 4) * 0.0254, self::word($png, $at + 8) * 0.0254];
    }

    private static function nearest(int $left, int $up, int $corner): int
    {
        $byLeft = abs($up - $corner);
        $byUp = abs($left - $corner);
        $byCorner = abs($left + $up - 2 * $corner);

        return $byLeft <= $byUp && $byLeft <= $byCorner ? $left : ($byUp <= $byCorner ? $up : $corner);
    }

    /** Row filter 1; runs of zeros, the flat parts, are repeated whole. */
    private static function plusLeft(string $row): string
    {
        $out = '';
        $pixel = "\0\0\0";
        for ($i = 0, $end = \strlen($row); $i < $end;) {
            $flat = intdiv(strspn($row, "\0", $i), 3);
            if ($flat > 0) {
                $out .= str_repeat($pixel, $flat);
                $i += 3 * $flat;
                continue;
            }
            $pixel = \chr((\ord($row[$i]) + \ord($pixel[0])) & 255).\chr(
                (\ord($row[$i + 1]) + \ord($pixel[1])) & 255,
            ).\chr((\ord($row[$i + 2]) + \ord($pixel[2])) & 255);
            $out .= $pixel;
            $i += 3;
        }

        return $out;
    }

    /** Row filter 2. */
    private static function plusAbove(string $row, string $above): string
    {
        for ($i = 0, $end = \strlen($row); $i < $end; ++$i) {
            $i += strspn($row, "\0", $i);
            if ($i >= $end) {
                break;
            }
            $above[$i] = \chr((\ord($row[$i]) + \ord($above[$i])) & 255);
        }

        return $above;
    }

    /** Row filter 3. */
    private static function plusMean(string $row, string $above): string
    {
        for ($i = 0, $end = \strlen($row); $i < $end; ++$i) {
            $left = $i < 3 ? 0 : \ord($row[$i - 3]);
            $row[$i] = \chr((\ord($row[$i]) + (($left + \ord($above[$i])) >> 1)) & 255);
        }

        return $row;
    }

    /** Row filter 4. */
    private static function plusPaeth(string $row, string $above): string
    {
        for ($i = 0, $end = \strlen($row); $i < $end; ++$i) {
            $left = $i < 3 ? 0 : \ord($row[$i - 3]);
            $up = \ord($above[$i]);
            $corner = $i < 3 ? 0 : \ord($above[$i - 3]);
            $row[$i] = \chr((\ord($row[$i]) + self::nearest($left, $up, $corner)) & 255);
        }

        return $row;
    }

    private static function packed(int $width, int $height, int $depth, int $kind, string $pixels, int $stride, float $dpi, int $level = 3): string
    {
        $deflate = deflate_init(\ZLIB_ENCODING_DEFLATE, ['level' => $level]);
        if ($deflate === false) {
            throw new \RuntimeException('zlib cannot start.');
        }
        $data = '';
        $rowsAtOnce = max(1, intdiv(1 << 20, $stride));
        for ($y = 0; $y < $height; $y += $rowsAtOnce) {
            $rows = substr($pixels, $y * $stride, $rowsAtOnce * $stride);
            $data .= (string) deflate_add($deflate, "\0".implode("\0", str_split($rows, max(1, $stride))), \ZLIB_NO_FLUSH);
        }
        $data .= (string) deflate_add($deflate, '', \ZLIB_FINISH);
        $resolution = $dpi > 0 ? self::chunk('pHYs', pack('NNC', (int) round($dpi / 0.0254), (int) round($dpi / 0.0254), 1)) : '';

        return self::SIGNATURE
            .self::chunk('IHDR', pack('NNCCCCC', $width, $height, $depth, $kind, 0, 0, 0))
            .$resolution
            .self::chunk('IDAT', $data)
            .self::chunk('IEND', '');
    }

    private static function chunk(string $kind, string $data): string
    {
        return pack('N', \strlen($data)).$kind.$data.pack('N', crc32($kind.$data));
    }

    private static function word(string $bytes, int $at): int
    {
        return (\ord($bytes[$at]) << 24) | (\ord($bytes[$at + 1]) << 16) | (\ord($bytes[$at + 2]) << 8) | \ord($bytes[$at + 3]);
    }
}
