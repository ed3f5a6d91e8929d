<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\PrintWanted;

/** A picture in a file, opened once. */
final class ArtAtHand implements ArtSource
{
    private ?ArtRaster $opened = null;

    public function __construct(private readonly ArtOnGarment $art, private readonly string $path)
    {
    }

    public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
    {
        return $this->opened ??= $this->art->of($this->path, $print->widthMm, $print->garment, $print->dpi, asItIs: $asItIs);
    }

    public function drawn(): array
    {
        throw new \LogicException('No plates were drawn by hand for it.');
    }

    public function positives(): array
    {
        return [];
    }

    /** Its height by its width. */
    public function ratio(): float
    {
        return $this->opened === null ? throw new \LogicException('It was not opened yet.') : $this->opened->height / $this->opened->width;
    }

    /** Pixels of it an inch of the print. */
    public function ppi(float $widthMm): float
    {
        return $this->opened?->ppi($widthMm) ?? 0.0;
    }
}
