<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Colour\Srgb;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/**
 * Draws an SVG to pixels at film resolution with the renderer from Debian (rsvg-convert), unsmoothed, so that flat
 * colours stay flat and a film pixel is an art pixel. Large films are drawn in bands.
 */
final class SvgDrawing
{
    /** No smoothing, whatever the drawing says. */
    private const STYLE = '* { shape-rendering: crispEdges !important; text-rendering: optimizeSpeed !important; }';
    private const BAND_PIXELS = 24_000_000;
    private const MOST_SIDE = 32_000;
    private const GLANCE = 400;
    private const SECONDS = 300;

    /** @param float $dpi of the film */
    public function over(ArtFile $svg, float $widthMm, float $dpi, Srgb $garment, ArtFraming $framing): ArtRaster
    {
        [$unitsWide, $unitsHigh] = $framing->size($svg->width, $svg->height);
        $width = max(1, (int) round($widthMm / 25.4 * $dpi));
        $height = max(1, (int) round($widthMm * $unitsHigh / $unitsWide / 25.4 * $dpi));
        if (max($width, $height) > self::MOST_SIDE) {
            throw UnreadableArt::at(
                'width',
                \sprintf(
                    'The drawing would be %d × %d film pixels; %d a side can be drawn. Print it smaller, or at a lower resolution.',
                    $width,
                    $height,
                    self::MOST_SIDE,
                ),
            );
        }
        $folder = sys_get_temp_dir().'/ektype-svg-'.bin2hex(random_bytes(6));
        mkdir($folder);
        try {
            file_put_contents($folder.'/style.css', self::STYLE);
            $seeThrough = $this->isSeeThrough($svg, $folder);
            $rows = [];
            $bandRows = max(1, intdiv(self::BAND_PIXELS, $width));
            for ($y = 0; $y < $height; $y += $bandRows) {
                $here = min($bandRows, $height - $y);
                file_put_contents($folder.'/band.svg', self::band($svg, $framing, [$width, $height], [$unitsWide, $unitsHigh], $y, $here));
                $this->draw(
                    ['-w', (string) $width, '-h', (string) $here, '-b', $garment->hex(), '-s', $folder.'/style.css', $folder.'/band.svg'],
                    $folder.'/band.png',
                );
                $rows[] = ArtDecoder::over(ArtFile::drawn($folder.'/band.png', $width, $here), $garment)->rgb;
            }

            return new ArtRaster($width, $height, implode('', $rows), $seeThrough, unsmoothed: true);
        } finally {
            foreach (['style.css', 'band.svg', 'band.png', 'glance.png'] as $file) {
                @unlink($folder.'/'.$file);
            }
            rmdir($folder);
        }
    }

    /**
     * A part of the framed drawing as a drawing of its own: the source stands within, moved, turned and mirrored as one.
     *
     * @param array{int, int}     $pixels of the whole film
     * @param array{float, float} $units  the whole framed art in the drawing's own units
     */
    private static function band(ArtFile $svg, ArtFraming $framing, array $pixels, array $units, int $y, int $rows): string
    {
        $inner = new \DOMDocument();
        $inner->load($svg->path, \LIBXML_NONET);
        $root = $inner->documentElement ?? throw new \LogicException('The SVG was read before.');
        if ($root->getAttribute('viewBox') === '') {
            $root->setAttribute('viewBox', \sprintf('0 0 %d %d', $svg->width, $svg->height));
        }
        foreach (['width' => $svg->width, 'height' => $svg->height] as $name => $value) {
            $root->setAttribute($name, (string) $value);
        }
        foreach (['x', 'y'] as $name) {
            $root->removeAttribute($name);
        }
        [$width, $height] = $pixels;
        // Read from the right: the part to the origin's middle, turned, mirrored, scaled to the film, moved to the band.
        $place = \sprintf(
            'translate(0 %d) scale(%.9F %.9F) translate(%.6F %.6F) scale(%d 1) rotate(%.6F) translate(%.6F %.6F)',
            -$y,
            $width / $units[0],
            $height / $units[1],
            $units[0] / 2,
            $units[1] / 2,
            $framing->mirror ? -1 : 1,
            -$framing->turnDeg,
            -($framing->left + $framing->width / 2) * $svg->width,
            -($framing->top + $framing->height / 2) * $svg->height,
        );
        $clip = \sprintf(
            '<clipPath id="ektype-part"><rect x="%.6F" y="%.6F" width="%.6F" height="%.6F"/></clipPath>',
            $framing->left * $svg->width,
            $framing->top * $svg->height,
            $framing->width * $svg->width,
            $framing->height * $svg->height,
        );

        return \sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d"><defs>%3$s</defs><g transform="%4$s"><g clip-path="url(#ektype-part)">%5$s</g></g></svg>', $width, $rows, $clip, $place, (string) $inner->saveXML($root));
    }

    /** Looks at a small drawing on nothing: whether the ground was left open. */
    private function isSeeThrough(ArtFile $svg, string $folder): bool
    {
        $this->draw(['-w', (string) self::GLANCE, '-h', (string) self::GLANCE, $svg->path], $folder.'/glance.png');

        return ArtDecoder::over(ArtFile::drawn($folder.'/glance.png', self::GLANCE, self::GLANCE), new Srgb(255, 255, 255))->seeThrough;
    }

    /** @param list<string> $options */
    private function draw(array $options, string $png): void
    {
        $draw = new Process(['rsvg-convert', '-u', '-o', $png, ...$options], timeout: self::SECONDS);
        try {
            $draw->mustRun();
        } catch (ProcessFailedException) {
            throw UnreadableArt::at(
                'art',
                'The SVG could not be drawn: '.mb_strimwidth(
                    trim($draw->getErrorOutput()),
                    0,
                    120,
                    '…',
                ).'. Save it again from the drawing program, or bring it as PNG.',
            );
        }
    }
}
