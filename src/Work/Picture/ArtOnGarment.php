<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/** Takes any picture that can be read to pixels over its garment. */
final readonly class ArtOnGarment
{
    public function __construct(private SvgDrawing $drawing)
    {
    }

    /**
     * @param float $dpi    of the film: a drawing is drawn at that resolution
     * @param bool  $asItIs with its grain, for tones
     */
    public function of(string $path, float $widthMm, Srgb $garment, float $dpi, ?ArtFraming $framing = null, bool $asItIs = false): ArtRaster
    {
        return PdfDrawing::opened($path, function (string $path) use ($widthMm, $garment, $dpi, $framing, $asItIs): ArtRaster {
            $file = ArtFile::at($path);
            $framing ??= new ArtFraming();

            return $file->kind === 'svg' ? $this->drawing->over(
                $file,
                $widthMm,
                $dpi,
                $garment,
                $framing,
            ) : ArtDecoder::over($file, $garment, $framing, $asItIs);
        });
    }
}
