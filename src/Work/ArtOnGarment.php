<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/** Takes any picture that can be read to pixels over its garment. */
final readonly class ArtOnGarment
{
    public function __construct(private SvgDrawing $drawing)
    {
    }

    public function of(string $path, float $widthMm, Srgb $garment): ArtRaster
    {
        $file = ArtFile::at($path);
        if ($file->kind !== 'svg') {
            return ArtDecoder::over($file, $garment);
        }
        $drawn = $this->drawing->toPixels($file, $widthMm);
        try {
            return ArtDecoder::over($drawn, $garment);
        } finally {
            unlink($drawn->path);
        }
    }
}
