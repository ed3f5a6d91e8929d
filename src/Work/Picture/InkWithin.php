<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtFraming;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\InkBox;

/** Finds the part of a brought picture that has ink, on a small copy of it. */
final readonly class InkWithin
{
    /** Pixels of the longer side of the copy: a 600th is less than a hairline of a print. */
    private const SIDE = 600;
    /** Larger pictures are left whole: to open one takes too long for a look. */
    private const MOST_PIXELS = 64_000_000;
    /** So little of 255 in a pixel is clear still. */
    private const CLEAR = 16;

    public function __construct(private SvgDrawing $drawing)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where the picture is damaged or cut short */
    public function of(ArtFile $art): ArtFraming
    {
        return match (true) {
            $art->kind === 'svg' => $this->ofDrawing($art),
            $art->width * $art->height > self::MOST_PIXELS => new ArtFraming(),
            default => self::ofPixels($art),
        };
    }

    /** Drawn on black and on white: where they do not differ by all that they can there is ink, or the trace of a hairline. */
    private function ofDrawing(ArtFile $art): ArtFraming
    {
        $drawn = fn (Srgb $ground): ArtRaster => $this->drawing->over(
            $art,
            25.4,
            self::SIDE / max(1.0, $art->height / $art->width),
            $ground,
            new ArtFraming(),
            smooth: true,
        );
        $onWhite = $drawn(new Srgb(255, 255, 255));
        if (!$onWhite->seeThrough) {
            return InkBox::of(InkBox::onPaper($onWhite->rgb, $onWhite->width, $onWhite->height), $onWhite->width, $onWhite->height);
        }
        $ink = '';
        $onBlack = $drawn(new Srgb(0, 0, 0))->rgb;
        // The same on all three channels: the first says it.
        for ($i = 0, $end = \strlen($onBlack); $i < $end; $i += 3) {
            $ink .= \ord($onWhite->rgb[$i]) - \ord($onBlack[$i]) >= 255 - self::CLEAR ? "\0" : "\1";
        }

        return InkBox::of($ink, $onWhite->width, $onWhite->height);
    }

    private static function ofPixels(ArtFile $art): ArtFraming
    {
        try {
            $picture = new \Imagick();
            $picture->readImage($art->kind.':'.$art->path.'[0]');
            ArtDecoder::upright($picture, $art->orientation);
            $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
            $scale = min(1.0, self::SIDE / max($width, $height));
            // Averaged, so that a hairline leaves a trace.
            $picture->scaleImage(max(1, (int) round($scale * $width)), max(1, (int) round($scale * $height)));
            [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
            $read = static fn (string $channels): string => pack('C*', ...$picture->exportImagePixels(0, 0, $width, $height, $channels, \Imagick::PIXEL_CHAR));
            $ink = $picture->getImageAlphaChannel() ? strtr($read('A'), implode('', array_map(\chr(...), range(0, self::CLEAR))), str_repeat("\0", self::CLEAR + 1)) : '';
            if (!str_contains($ink, "\0")) {
                $ink = InkBox::onPaper($read('RGB'), $width, $height);
            }
            $picture->clear();
        } catch (\ImagickException) {
            throw ArtDecoder::damaged();
        }

        return InkBox::of($ink, $width, $height);
    }
}
