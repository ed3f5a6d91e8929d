<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\Core\Art\ArtFile;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/** Draws an SVG to pixels with the renderer from Debian (rsvg-convert). */
final class SvgDrawing
{
    /** Pixels per inch of the drawing; edges lie within it to a fraction of a pixel by their smoothing. */
    public const PPI = 300.0;
    private const MOST_SIDE = 14000;
    private const SECONDS = 120;

    /** @return ArtFile a PNG that the caller removes */
    public function toPixels(ArtFile $svg, float $widthMm): ArtFile
    {
        $width = max(1, (int) round($widthMm / 25.4 * self::PPI));
        $height = max(1, (int) round($width * $svg->height / $svg->width));
        $shrink = max(1.0, max($width, $height) / self::MOST_SIDE);
        $png = sys_get_temp_dir().'/ektype-'.bin2hex(random_bytes(6)).'.png';
        $draw = new Process(['rsvg-convert', '-w', (string) (int) ($width / $shrink), '-h', (string) (int) ($height / $shrink), '-o', $png, $svg->path], timeout: self::SECONDS);
        try {
            $draw->mustRun();
        } catch (ProcessFailedException) {
            throw Refusal::at('art', 'The SVG could not be drawn: '.mb_strimwidth(trim($draw->getErrorOutput()), 0, 120, '…').'. Save it again from the drawing program, or bring it as PNG.');
        }

        return ArtFile::at($png);
    }
}
