<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Work\CoverageFile;
use Ektype\App\Work\ShopFiles;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Separation\PulledPrint;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Draws the print after a stop of the pull bar, and single plates as films; keeps what it has drawn. */
final readonly class Pull
{
    /** Hiding power taken for a plate without an ink (heuristic). */
    private const USUAL_HIDING = 0.95;

    public function __construct(private ShopFiles $files)
    {
    }

    /** @return string PNG */
    public function after(Job $job, int $stop): string
    {
        $plates = \array_slice($job->platesInOrder(), 0, $stop);
        if ($job->separationPath === null || $plates === [] || \count($plates) < $stop) {
            throw new NotFoundHttpException();
        }
        $kept = \sprintf('%s/pull-%s-%d.png', $job->separationPath, JobReckoner::pullKey($job), $stop);
        if ($this->files->has($kept)) {
            return $this->files->read($kept);
        }
        $layers = array_map(fn (Plate $p): array => [$this->coverage($p), Srgb::fromHex($p->ink->hex ?? $p->hex), $p->ink->hiding ?? self::USUAL_HIDING], $plates);
        $map = $layers[0][0];
        $png = PngFile::ofRgba($map->width, $map->height, PulledPrint::rgba(Srgb::fromHex($job->garmentHex), $layers));
        $this->files->put($kept, $png);

        return $png;
    }

    /** One plate in one tint, clear where it does not print. */
    public function film(Plate $plate, string $tint): string
    {
        $colour = Srgb::fromHex($tint, 'tint');
        $map = $this->coverage($plate);
        $rgb = \chr($colour->red).\chr($colour->green).\chr($colour->blue);
        $pixels = [];
        for ($i = 0; $i <= CoverageMap::FULL; ++$i) {
            $pixels[\chr($i)] = $rgb.\chr(min(255, (int) round($i * 255 / CoverageMap::FULL)));
        }

        return PngFile::ofRgba($map->width, $map->height, strtr($map->bytes, $pixels));
    }

    private function coverage(Plate $plate): CoverageMap
    {
        $path = $plate->job->separationPath ?? throw new NotFoundHttpException();

        return CoverageFile::read($this->files->read(\sprintf('%s/%d.cover', $path, $plate->drawing)));
    }
}
