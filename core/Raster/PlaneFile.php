<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Keeps a plane between two steps of the work: a line with its size, the lengths of its bands, then the bands, each
 * deflated by itself, so that a window of the plane is read without the rest.
 */
final class PlaneFile
{
    private const HEAD = 'ektype plane';
    private const BAND_ROWS = 256;

    public static function of(BitPlane $plane): string
    {
        $bands = [];
        foreach (str_split($plane->bytes, max(1, self::BAND_ROWS * $plane->stride)) as $band) {
            $bands[] = (string) gzcompress($band, 1);
        }

        return \sprintf(
            "%s %d %d\n",
            self::HEAD,
            $plane->width,
            $plane->height,
        ).pack('N*', ...array_map(\strlen(...), $bands)).implode('', $bands);
    }

    /** @throws DamagedPlane where it is not a whole plane */
    public static function read(string $file): BitPlane
    {
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            throw self::damaged();
        }
        fwrite($stream, $file);
        rewind($stream);
        $size = self::head($stream);

        return self::rows($stream, $size, 0, $size->height);
    }

    /**
     * Some rows of a plane that lies on disk.
     *
     * @param int $from  first row, from 0
     * @param int $count how many; fewer where the plane ends
     *
     * @throws DamagedPlane where it is not a whole plane
     */
    public static function window(string $path, int $from, int $count): BitPlane
    {
        $stream = @fopen($path, 'r');
        if ($stream === false) {
            throw self::damaged();
        }
        $size = self::head($stream);
        $from = max(0, min($size->height, $from));

        return self::rows($stream, $size, $from, max(0, min($size->height - $from, $count)));
    }

    /** @param resource $stream */
    private static function head($stream): PixelSize
    {
        $head = sscanf((string) fgets($stream), self::HEAD.' %d %d');
        if (!\is_array($head) || !\is_int($head[0]) || !\is_int($head[1]) || $head[0] < 1 || $head[1] < 1) {
            throw self::damaged();
        }

        return new PixelSize($head[0], $head[1]);
    }

    /** @param resource $stream standing at the lengths of the bands */
    private static function rows($stream, PixelSize $size, int $from, int $count): BitPlane
    {
        $bands = intdiv($size->height + self::BAND_ROWS - 1, self::BAND_ROWS);
        /** @var array<int, int>|false $lengths from 1 */
        $lengths = unpack('N*', (string) fread($stream, max(1, 4 * $bands)));
        if ($lengths === false || \count($lengths) !== $bands) {
            throw self::damaged();
        }
        $stride = ($size->width + 7) >> 3;
        $first = intdiv($from, self::BAND_ROWS);
        $last = $count === 0 ? $first - 1 : intdiv($from + $count - 1, self::BAND_ROWS);
        fseek($stream, array_sum(\array_slice($lengths, 0, $first)), \SEEK_CUR);
        if ($count === 0) {
            return new BitPlane($size->width, 0, '');
        }
        $bytes = [];
        for ($band = $first; $band <= $last; ++$band) {
            $rows = @gzuncompress((string) fread($stream, max(1, $lengths[$band + 1] ?? 0)));
            if ($rows === false) {
                throw self::damaged();
            }
            $bytes[] = $rows;
        }
        fclose($stream);
        $all = implode('', $bytes);
        $top = ($from - $first * self::BAND_ROWS) * $stride;
        if (\strlen($all) < $top + $count * $stride) {
            throw self::damaged();
        }

        return new BitPlane($size->width, $count, \strlen($all) === $count * $stride ? $all : substr($all, $top, $count * $stride));
    }

    private static function damaged(): DamagedPlane
    {
        return DamagedPlane::because('A kept plate is damaged. Draw the plates again: nothing that you decided is lost.');
    }
}
