<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\PrintWanted;

/** Opens art no more often than it has to: who looks which method fits, and the method, see one picture. */
final class ArtOnce implements ArtSource
{
    /** @var array<int, ArtRaster> */
    private array $opened = [];

    public function __construct(private readonly ArtSource $art)
    {
    }

    public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
    {
        $other = $this->opened[(int) !$asItIs] ?? null;
        if ($other !== null && !$other->calmed && !$other->seeThrough) {
            // It has no grain that was calmed, and nothing clear: both ways of opening it are one.
            return $other;
        }

        return $this->opened[(int) $asItIs] ??= $this->art->raster($print, $asItIs);
    }

    public function drawn(): array
    {
        return $this->art->drawn();
    }

    public function positives(): array
    {
        return $this->art->positives();
    }
}
