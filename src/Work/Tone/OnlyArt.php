<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\PrintWanted;

/** Art that is open already. */
final readonly class OnlyArt implements ArtSource
{
    public function __construct(private ArtRaster $art)
    {
    }

    public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
    {
        return $this->art;
    }

    public function drawn(): array
    {
        throw new \LogicException('Plates drawn by hand are no small picture.');
    }

    public function positives(): array
    {
        return [];
    }
}
