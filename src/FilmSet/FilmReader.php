<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\TiffFile;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/** Reads films back from their files, as a film printer would: PNG, TIFF, and the pages of a PDF. */
final class FilmReader
{
    /** Pages of a PDF are looked at in this resolution. */
    private const PDF_DPI = 600;
    private const SECONDS = 180;

    /** @return int how many films the file holds */
    public function pages(string $path): int
    {
        if ($this->kind($path) !== 'pdf') {
            return 1;
        }
        $info = new Process(['pdfinfo', $path], timeout: self::SECONDS);
        $info->run();

        return preg_match('/^Pages:\s+(\d+)/m', $info->getOutput(), $found) === 1 ? (int) $found[1] : throw $this->unreadable($path);
    }

    /**
     * @return array{BitPlane, float, float} the film and its pixels per inch in x and y
     *
     * @throws UnreadableFilms where it is none that can be read
     */
    public function read(string $path, int $page = 1): array
    {
        try {
            return match ($this->kind($path)) {
                'png' => $this->png($path),
                'tiff' => $this->tiff($path),
                default => $this->pdf($path, $page),
            };
        } catch (\UnexpectedValueException|\ImagickException|ProcessFailedException|\LengthException) {
            throw $this->unreadable($path);
        }
    }

    private function kind(string $path): string
    {
        $head = (string) @file_get_contents($path, false, null, 0, 8);

        return match (true) {
            str_starts_with($head, "\x89PNG") => 'png',
            str_starts_with($head, "II*\0"), str_starts_with($head, "MM\0*") => 'tiff',
            str_starts_with($head, '%PDF') => 'pdf',
            default => throw $this->unreadable($path),
        };
    }

    /** @return array{BitPlane, float, float} */
    private function png(string $path): array
    {
        $png = (string) file_get_contents($path);
        $plane = PngFile::plane($png);
        [$x, $y] = PngFile::resolution($png) ?? throw UnreadableFilms::at(
            basename($path),
            \sprintf('“%s” does not say its resolution, so its size is unknown. Save it with its pixels per inch.', basename($path)),
        );

        return [$plane ?? self::anyPicture($path), $x, $y];
    }

    /** @return array{BitPlane, float, float} */
    private function tiff(string $path): array
    {
        $plain = tempnam(sys_get_temp_dir(), 'ektype').'.tif';
        try {
            (new Process(['tiffcp', '-c', 'none', $path, $plain], timeout: self::SECONDS))->mustRun();
            try {
                return TiffFile::read((string) file_get_contents($plain));
            } catch (\UnexpectedValueException) {
                $picture = new \Imagick();
                $picture->pingImage($path);
                $resolution = $picture->getImageResolution();
                $per = $picture->getImageUnits() === \Imagick::RESOLUTION_PIXELSPERCENTIMETER ? 2.54 : 1.0;

                return [self::anyPicture($path), $resolution['x'] * $per, $resolution['y'] * $per];
            }
        } finally {
            is_file($plain) && unlink($plain);
            @unlink(substr($plain, 0, -4));
        }
    }

    /** @return array{BitPlane, float, float} */
    private function pdf(string $path, int $page): array
    {
        $draw = new Process(
            ['pdftoppm', '-r', (string) self::PDF_DPI, '-mono', '-f', (string) $page, '-l', (string) $page, $path],
            timeout: self::SECONDS,
        );
        $draw->mustRun();
        $pbm = $draw->getOutput();
        if (preg_match('/^P4\s+(\d+)\s+(\d+)\s/', substr($pbm, 0, 60), $head) !== 1) {
            throw $this->unreadable($path);
        }

        return [BitPlane::within((int) $head[1], (int) $head[2], substr($pbm, \strlen($head[0]))), self::PDF_DPI, self::PDF_DPI];
    }

    /** A picture of grey or colour taken as black and white at half its light. */
    private static function anyPicture(string $path): BitPlane
    {
        $picture = new \Imagick($path.'[0]');
        $picture->setImageBackgroundColor(new \ImagickPixel('#ffffff'));
        $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $picture->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
        $picture->thresholdImage(0.5 * \Imagick::getQuantumRange()['quantumRangeLong']);
        $picture->setImageDepth(1);
        $picture->setImageFormat('GRAY');

        return BitPlane::within($picture->getImageWidth(), $picture->getImageHeight(), ~$picture->getImageBlob());
    }

    private function unreadable(string $path): UnreadableFilms
    {
        return UnreadableFilms::at(
            basename($path),
            \sprintf('“%s” is no film that can be read: it is damaged, or no PNG, TIFF or PDF. Write the film again.', basename($path)),
        );
    }
}
