<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\TiffFile;
use Symfony\Component\Process\Process;

/** TIFF Group 4, packed by the tool from Debian. */
final class GroupFour
{
    private const SECONDS = 300;

    /** @throws \RuntimeException where there is no room for it */
    public static function packed(BitPlane $film, float $dpi): string
    {
        $plain = tempnam(sys_get_temp_dir(), 'ektype');
        if ($plain === false || file_put_contents($plain, TiffFile::ofPlane($film, $dpi)) === false) {
            throw new \RuntimeException('There is no room for temporary files, so the film cannot be written. Free some disk space and write it again.');
        }
        try {
            (new Process(
                ['tiffcp', '-c', 'g4', '-r', (string) $film->height, $plain, $plain.'.g4'],
                timeout: self::SECONDS,
            ))->mustRun();

            return (string) file_get_contents($plain.'.g4');
        } finally {
            unlink($plain);
            is_file($plain.'.g4') && unlink($plain.'.g4');
        }
    }
}
