<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\App\FilmSet\Lettering;
use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Art\SvgArt;
use Ektype\Core\Art\SvgText;
use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Colour\Srgb;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Draws an SVG to pixels at film resolution with the renderer from Debian (rsvg-convert), unsmoothed, so that flat
 * colours stay flat and a film pixel is an art pixel. Large films are drawn in bands.
 */
final class SvgDrawing
{
    /** No smoothing, whatever the drawing says. */
    private const STYLE = '* { shape-rendering: crispEdges !important; text-rendering: optimizeSpeed !important; }';
    /** Smoothed, whatever the drawing says: what is thinner than a pixel leaves a trace. */
    private const SMOOTH = '* { shape-rendering: geometricPrecision !important; text-rendering: geometricPrecision !important; }';
    private const BAND_PIXELS = 24_000_000;
    private const MOST_SIDE = 32_000;
    private const GLANCE = 400;
    /** A drawing that takes longer is cut off, s. */
    private const SECONDS = 120;

    /**
     * @param float $dpi    of the film
     * @param bool  $smooth for looks alone: a film has no greys
     *
     * @throws UnreadableArt where it cannot be drawn, or not in time
     */
    public function over(ArtFile $svg, float $widthMm, float $dpi, Srgb $garment, ArtFraming $framing, bool $smooth = false): ArtRaster
    {
        $page = $framing->size($svg->width, $svg->height);
        $width = max(1, (int) round($widthMm / 25.4 * $dpi));
        $height = max(1, (int) round($widthMm * $page->height / $page->width / 25.4 * $dpi));
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
        $began = microtime(true);
        try {
            $text = SvgText::of($svg->path);
            $remarks = [...$svg->remarks, ...Lettering::missing($text)];
            file_put_contents($folder.'/style.css', $smooth ? self::SMOOTH : self::STYLE);
            file_put_contents($folder.'/art.svg', self::stretched($text));
            $seeThrough = $this->isSeeThrough($folder);
            $rows = [];
            $bandRows = max(1, intdiv(self::BAND_PIXELS, $width));
            for ($y = 0; $y < $height; $y += $bandRows) {
                $here = min($bandRows, $height - $y);
                $this->draw(
                    [...self::band($folder, $text, $framing, $width, $height, $y, rows: $here), '-b', $garment->hex(), '-s', $folder.'/style.css'],
                    $folder.'/band.png',
                    self::SECONDS - (microtime(true) - $began),
                );
                $rows[] = ArtDecoder::over(ArtFile::drawn($folder.'/band.png', $width, $here), $garment)->rgb;
            }

            return new ArtRaster($width, $height, implode('', $rows), $seeThrough, remarks: $remarks, unsmoothed: !$smooth);
        } finally {
            foreach (['style.css', 'art.svg', 'band.svg', 'band.png', 'glance.png'] as $file) {
                if (is_file($folder.'/'.$file)) {
                    unlink($folder.'/'.$file);
                }
            }
            rmdir($folder);
        }
    }

    /** The whole page takes the whole film, also where its sides were not both told. */
    private static function stretched(string $text): string
    {
        $page = SvgArt::size($text);
        $drawing = self::document($text);
        $root = $drawing->documentElement ?? throw new \LogicException('The SVG was read before.');
        if ($root->getAttribute('viewBox') === '') {
            $root->setAttribute('viewBox', \sprintf('0 0 %.9F %.9F', $page->width, $page->height));
        }
        $root->setAttribute('width', \sprintf('%.9F', $page->width));
        $root->setAttribute('height', \sprintf('%.9F', $page->height));

        return (string) $drawing->saveXML();
    }

    /**
     * How the renderer is asked for some rows of the film: the drawing moved on its page, as it is. Turned or mirrored, it
     * stands within a drawing of our own.
     *
     * @return list<string>
     */
    private static function band(string $folder, string $text, ArtFraming $framing, int $width, int $height, int $y, int $rows): array
    {
        if ($framing->turns() || $framing->mirror) {
            file_put_contents($folder.'/band.svg', self::within($text, $framing, [$width, $height], $y, $rows));

            return ['-w', (string) $width, '-h', (string) $rows, $folder.'/band.svg'];
        }
        $scaleX = $width / $framing->width;
        $scaleY = $height / $framing->height;

        return [
            \sprintf('--width=%.6F', $scaleX),
            \sprintf('--height=%.6F', $scaleY),
            \sprintf('--page-width=%d', $width),
            \sprintf('--page-height=%d', $rows),
            \sprintf('--left=%.6F', -$framing->left * $scaleX),
            \sprintf('--top=%.6F', -$framing->top * $scaleY - $y),
            $folder.'/art.svg',
        ];
    }

    /**
     * A part of the framed drawing as a drawing of its own: the source stands within, moved, turned and mirrored as one.
     *
     * @param array{int, int} $pixels of the whole film
     */
    private static function within(string $text, ArtFraming $framing, array $pixels, int $y, int $rows): string
    {
        $page = SvgArt::size($text);
        $inner = self::document(self::stretched($text));
        $root = $inner->documentElement ?? throw new \LogicException('The SVG was read before.');
        foreach (['x', 'y'] as $name) {
            $root->removeAttribute($name);
        }
        [$width, $height] = $pixels;
        $units = $framing->size($page->width, $page->height);
        // Read from the right: the part to the origin's middle, turned, mirrored, scaled to the film, moved to the band.
        $place = \sprintf(
            'translate(0 %d) scale(%.9F %.9F) translate(%.6F %.6F) scale(%d 1) rotate(%.6F) translate(%.6F %.6F)',
            -$y,
            $width / $units->width,
            $height / $units->height,
            $units->width / 2,
            $units->height / 2,
            $framing->mirror ? -1 : 1,
            -$framing->turnDeg,
            -($framing->left + $framing->width / 2) * $page->width,
            -($framing->top + $framing->height / 2) * $page->height,
        );
        $clip = \sprintf(
            '<clipPath id="ektype-part"><rect x="%.6F" y="%.6F" width="%.6F" height="%.6F"/></clipPath>',
            $framing->left * $page->width,
            $framing->top * $page->height,
            $framing->width * $page->width,
            $framing->height * $page->height,
        );

        return \sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d"><defs>%3$s</defs><g transform="%4$s"><g clip-path="url(#ektype-part)">%5$s</g></g></svg>', $width, $rows, $clip, $place, (string) $inner->saveXML($root));
    }

    private static function document(string $text): \DOMDocument
    {
        $document = new \DOMDocument();
        $document->loadXML($text, \LIBXML_NONET);

        return $document;
    }

    /** Looks at a small drawing on nothing: whether the ground was left open. */
    private function isSeeThrough(string $folder): bool
    {
        $this->draw(['-w', (string) self::GLANCE, '-h', (string) self::GLANCE, $folder.'/art.svg'], $folder.'/glance.png', self::SECONDS);

        return ArtDecoder::over(ArtFile::drawn($folder.'/glance.png', self::GLANCE, self::GLANCE), new Srgb(255, 255, 255))->seeThrough;
    }

    /** @param list<string> $options */
    private function draw(array $options, string $png, float $seconds): void
    {
        $draw = new Process(['rsvg-convert', '-u', '-o', $png, ...$options], timeout: max(1.0, $seconds));
        try {
            $draw->mustRun();
        } catch (ProcessTimedOutException) {
            throw UnreadableArt::at('art', \sprintf('The drawing is not done after %d minutes, so it was cut off. It holds very many shapes, or filters over large parts: simplify it in the drawing program, or bring it as PNG at the size it will print.', self::SECONDS / 60));
        } catch (ProcessFailedException) {
            // Where it lies on this machine is nobody’s business.
            $why = str_replace([\dirname($png).'/', \dirname($png)], '', trim($draw->getErrorOutput()));
            throw UnreadableArt::at('art', 'The SVG could not be drawn: '.mb_strimwidth($why, 0, 120, '…').'. Save it again from the drawing program, or bring it as PNG.');
        }
    }
}
