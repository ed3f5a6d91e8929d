<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Shop\Written\DamagedFile;
use Ektype\Core\Raster\CoverageMap;

/** Keeps a coverage map between the separation and the pull. */
final class CoverageFile
{
    public static function of(CoverageMap $map): string
    {
        return \sprintf("%d %d %d\n", $map->width, $map->height, $map->filmPixels).gzcompress($map->bytes, 6);
    }

    public static function read(string $file): CoverageMap
    {
        $end = (int) strpos($file, "\n");
        $head = sscanf(substr($file, 0, $end), '%d %d %d');
        $bytes = @gzuncompress(substr($file, $end + 1));
        if (!\is_array($head) || !\is_int($head[0]) || !\is_int($head[1]) || !\is_int($head[2]) || $bytes === false) {
            throw DamagedFile::because('The kept preview of a plate is damaged. Draw the plates again: nothing that you decided is lost.');
        }

        return new CoverageMap($head[0], $head[1], $head[2], $bytes);
    }
}
