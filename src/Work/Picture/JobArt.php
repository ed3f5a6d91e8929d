<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\App\Shop\Job\Job;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\DrawnPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\PrintWanted;

/** The art of a job, opened when it is asked for. */
final readonly class JobArt implements ArtSource
{
    /** From so many plates on, marks stand at the corners of the sheet that plates are drawn over. */
    public const DRAWN_OVER = 3;

    public function __construct(private Job $job, private ArtOnGarment $art, private ScannedPositive $scans, private string $files)
    {
    }

    public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
    {
        return $this->art->of($this->files.$this->job->art->path, $print->widthMm, $print->garment, $print->dpi, $this->job->framing(), $asItIs);
    }

    public function drawn(): array
    {
        $plates = $this->positives();

        return $plates === [] ? throw new \LogicException('There are drawn plates.') : $plates;
    }

    public function positives(): array
    {
        $sheet = $this->job->filmSheet(self::DRAWN_OVER);

        return array_map(
            fn (Positive $p): DrawnPlate => new DrawnPlate(
                new GivenInk($p->name, Srgb::fromHex($p->hex)),
                $this->scans->plane($this->files.$p->path, $sheet),
            ),
            $this->job->spotPlan()->positives,
        );
    }
}
