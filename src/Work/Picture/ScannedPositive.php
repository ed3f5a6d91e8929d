<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\App\Work\Scan\LookedScan;
use Ektype\App\Work\Scan\LostMarks;
use Ektype\App\Work\Scan\UnreadableScan;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Film\DrawnPositive;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\LaidScan;
use Ektype\Core\Film\MarkFinder;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Halftone\ChartScan;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Unit\Point;

/** Takes the scan of a hand-drawn plate as it is: found by its marks, turned true, brought to film resolution. */
final class ScannedPositive
{
    /** The look for marks and weak black is made at about this resolution. */
    private const LOOK_PPI = 200.0;
    private const LISTED = 60;
    private const LEAST_PPI = 75.0;
    /** A scan whose marks lie further apart than this from the plan was not drawn over these marks, mm. */
    private const MOST_FLOOR_MM = 1.5;
    private const MOST_SCALE = 0.05;
    /** Of a photograph: guesses at its resolution stand so far apart, each is good for so much, and the film fills this share at least. */
    private const GUESSES_APART = 0.82;
    private const GUESSED_SCALE = 0.18;
    private const LEAST_SHARE = 0.35;

    /**
     * @throws LostMarks where its marks are not found
     */
    public function look(string $path, FilmSheet $sheet): LookedScan
    {
        [$picture, $ppi] = $this->open($path);
        [, $marks] = $this->lay($picture, $ppi, $sheet);
        $look = clone $picture;
        $share = min(1.0, self::LOOK_PPI / $ppi);
        $look->resizeImage(
            max(1, (int) round($picture->getImageWidth() * $share)),
            max(1, (int) round($picture->getImageHeight() * $share)),
            \Imagick::FILTER_BOX,
            1,
        );

        // Between the arms of a mark and its ring it is grey by drawing.
        $weak = array_filter(
            DrawnPositive::weakPlaces(self::grey($look), $look->getImageWidth(), $look->getImageHeight(), $ppi * $share),
            static fn (WeakPlace $w): bool => array_filter(
                $marks,
                static fn (Point $m): bool => hypot($m->xMm - $w->xMm, $m->yMm - $w->yMm) < 1.3 * RegistrationMark::ARM_MM,
            ) === [],
        );

        return new LookedScan(\count($marks), \array_slice(array_values($weak), 0, self::LISTED));
    }

    /** The print's part of the scan at film resolution. */
    public function plane(string $path, FilmSheet $sheet): BitPlane
    {
        [$picture, $threshold] = $this->laid($path, $sheet);
        $picture->thresholdImage($threshold / 255 * \Imagick::getQuantumRange()['quantumRangeLong']);
        $picture->setImageDepth(1);
        $picture->setImageFormat('GRAY');

        return BitPlane::within($sheet->artWidthPx, $sheet->artHeightPx, ~$picture->getImageBlob());
    }

    /**
     * The print's part of the scan in its greys, at the resolution of the sheet. They are taken nearly to light before places
     * are mixed: greys as they are written would make every mixture too dark.
     *
     * @param float|null $ppi pixels an inch where the picture does not say them rightly
     *
     * @return array{string, float} a byte a pixel, 0 black: the grey of 0 to 1 to the power of ChartScan::TO_LIGHT; and the pixels an inch of the scan
     *
     * @throws LostMarks      where its marks are not found, dark on light or light on dark
     * @throws UnreadableScan where it is no scan
     */
    public function lights(string $path, FilmSheet $sheet, ?float $ppi = null): array
    {
        [$picture, , $ppi] = $this->laid($path, $sheet, ChartScan::TO_LIGHT, $ppi);

        return [self::grey($picture), $ppi];
    }

    /** @return array{\Imagick, float, float} the print’s part of the scan, turned true, the grey that parts ink from paper, and its pixels an inch */
    private function laid(string $path, FilmSheet $sheet, ?float $power = null, ?float $ppi = null): array
    {
        [$picture, $ppi] = $this->open($path, $ppi);
        try {
            [$place] = $this->lay($picture, $ppi, $sheet);
        } catch (LostMarks $lost) {
            if ($power === null) {
                throw $lost;
            }
            // A light ink on dark cloth: its marks are the light ones.
            $negative = clone $picture;
            $negative->negateImage(false);
            [$place] = $this->lay($negative, $ppi, $sheet);
        }
        $threshold = DrawnPositive::threshold(self::grey($picture));
        if ($power !== null) {
            $picture->gammaImage(1 / $power);
        }
        // From a scan pixel (u, v) to a film pixel of the print: film mm = a (pixel mm) + b, less the margins.
        $perMm = $sheet->dpi / 25.4;
        $scale = 25.4 / $ppi * $perMm;
        [$re, $im] = [$place->re, $place->im];
        $picture->setImageVirtualPixelMethod(\Imagick::VIRTUALPIXELMETHOD_WHITE);
        $picture->setImageArtifact('distort:viewport', \sprintf('%dx%d+0+0', $sheet->artWidthPx, $sheet->artHeightPx));
        $picture->distortImage(
            \Imagick::DISTORTION_AFFINEPROJECTION,
            [
                $re * $scale,
                $im * $scale,
                -$im * $scale,
                $re * $scale,
                $place->shift->xMm * $perMm - $sheet->marginPx,
                $place->shift->yMm * $perMm - $sheet->feedMarginPx,
            ],
            false,
        );
        $picture->setImagePage(0, 0, 0, 0);

        return [$picture, $threshold, $ppi];
    }

    /**
     * How many pixels an inch a photograph has that does not say so: by the marks, which lie a known way apart. Light marks on
     * dark are looked for.
     *
     * @throws LostMarks where they are not found at any size
     */
    public function resolution(string $path, FilmSheet $sheet): float
    {
        [$picture] = $this->open($path, self::LOOK_PPI);
        $picture->negateImage(false);
        // The film fills between all and a good third of the picture.
        $most = min($picture->getImageWidth() / ($sheet->mm($sheet->widthPx) / 25.4), $picture->getImageHeight() / ($sheet->mm($sheet->artHeightPx) / 25.4));
        for ($guess = $most; $guess > self::LEAST_SHARE * $most; $guess *= self::GUESSES_APART) {
            try {
                [$place] = $this->lay($picture, $guess, $sheet, self::GUESSED_SCALE);

                return $guess / $place->scale();
            } catch (LostMarks) {
                // Smaller, then.
            }
        }
        throw LostMarks::at('scan', 'The marks were not found at any size.');
    }

    /** @return array{\Imagick, float} the scan in grey, and its pixels per inch */
    private function open(string $path, ?float $told = null): array
    {
        $file = ArtFile::at($path);
        if ($file->kind === 'svg') {
            throw UnreadableScan::at('scan', 'This is a drawing file, not a scan. Bring the scan of the drawn plate as PNG, TIFF or JPEG.');
        }
        try {
            $picture = new \Imagick($path.'[0]');
            $resolution = $picture->getImageResolution();
            $ppi = $told ?? $resolution['x'] * ($picture->getImageUnits() === \Imagick::RESOLUTION_PIXELSPERCENTIMETER ? 2.54 : 1.0);
            $picture->setImageBackgroundColor(new \ImagickPixel('#ffffff'));
            $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
            $picture->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
        } catch (\ImagickException) {
            throw UnreadableScan::at('scan', 'The scan breaks off or is damaged, so part of the plate would be missing. Scan it again.');
        }
        if ($ppi < self::LEAST_PPI) {
            throw UnreadableScan::at(
                'scan',
                \sprintf(
                    'The scan says %.0f pixels an inch, too coarse to hold an edge, or it does not say its resolution. Scan at 300 to 600.',
                    $ppi,
                ),
            );
        }

        return [$picture, $ppi];
    }

    /** @return array{LaidScan, list<Point>} how it lies, and its marks in mm on the scan */
    private function lay(\Imagick $picture, float $ppi, FilmSheet $sheet, float $mostScale = self::MOST_SCALE): array
    {
        $width = $picture->getImageWidth();
        $height = $picture->getImageHeight();
        $grey = self::grey($picture);
        $threshold = DrawnPositive::threshold($grey);
        $digits = '';
        for ($i = 0; $i < 256; ++$i) {
            $digits .= $i <= $threshold ? '1' : '0';
        }
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $stride = ($width + 7) >> 3;
        $padding = str_repeat('0', 8 * $stride - $width);
        $rows = [];
        for ($y = 0; $y < $height; ++$y) {
            $rows[] = str_pad(
                gmp_export(gmp_init(strtr(substr($grey, $y * $width, $width), $all, $digits).$padding, 2)),
                $stride,
                "\0",
                \STR_PAD_LEFT,
            );
        }
        $found = MarkFinder::in(new BitPlane($width, $height, implode('', $rows)), $ppi, null, MarkFinder::ON_SCAN);
        $plan = array_map(static fn ($mark): Point => $sheet->onFilm($mark->xMm, $mark->yMm), $sheet->marks());
        $place = DrawnPositive::lay($found, $plan);
        if ($place === null || $place->floorMm > self::MOST_FLOOR_MM || abs($place->scale() - 1) > $mostScale) {
            throw LostMarks::at('scan', \sprintf('On the scan %d of %d marks were found where they belong, so it cannot be laid on the other plates. Draw over the mark sheet of this job and scan it whole, without scaling, marks and all.', \count($found), \count($plan)));
        }

        return [$place, $found];
    }

    private static function grey(\Imagick $picture): string
    {
        $copy = clone $picture;
        $copy->setImageDepth(8);
        $copy->setImageFormat('GRAY');

        return $copy->getImageBlob();
    }
}
