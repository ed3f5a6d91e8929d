<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** Keeps a plane between two steps of the work: a line with its size, then its rows, deflated. */
final class PlaneFile
{
    private const HEAD = 'ektype plane';

    public static function of(BitPlane $plane): string
    {
        return \sprintf("%s %d %d\n", self::HEAD, $plane->width, $plane->height).gzcompress($plane->bytes, 1);
    }

    /** @throws \UnexpectedValueException where it is not a whole plane */
    public static function read(string $file): BitPlane
    {
        $end = strpos($file, "\n");
        $head = $end === false ? null : sscanf(substr($file, 0, $end), self::HEAD.' %d %d');
        $bytes = $end === false ? false : @gzuncompress(substr($file, $end + 1));
        if (!\is_array($head) || !\is_int($head[0]) || !\is_int($head[1]) || $bytes === false) {
            throw new \UnexpectedValueException('The kept plane is damaged. Separate the art again.');
        }

        return new BitPlane($head[0], $head[1], $bytes);
    }
}
