<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Unit\Point;

/** A small square of the print, or of the films as they were read back, at film resolution. */
final readonly class Loupe
{
    private const MOST_PIXELS = 900;
    /** Share of the light that a film takes. */
    private const DENSE = 0.72;
    /** Where something shows that the plates ought to cover, every few pixels of this colour. */
    private const GAP = [179, 54, 43];

    public function __construct(private ChartReads $charts, private string $shopData)
    {
    }

    /**
     * @param Point $at from the print’s top left corner
     *
     * @return string PNG
     */
    public function ofPrint(Job $job, Point $at, float $mm, ?PlateOff $off): string
    {
        $perMm = $job->filmProfile()->dpi / 25.4;
        $size = max(8, min(self::MOST_PIXELS, (int) round($mm * $perMm)));
        $left = (int) round($at->xMm * $perMm - $size / 2);
        $top = (int) round($at->yMm * $perMm - $size / 2);
        $layers = [];
        $sinks = PulledPrint::sinks($job->substrate);
        $tones = false;
        $true = null;
        $now = null;
        foreach ($job->platesInOrder() as $plate) {
            $path = $this->shopData.'/files/'.($job->separationPath ?? throw new NotHere()).'/'.$plate->drawing.'.plane';
            $straight = PlaneSquare::of($path, $left, $top, $size);
            $shown = $straight;
            if ($off !== null && $plate->id === $off->plateId) {
                // Within so small a square a turn is a shift: θ times the way from the middle of the print.
                $turn = deg2rad($off->turnDeg);
                $x = $off->shift->xMm - $turn * ($at->yMm - $job->heightMm() / 2);
                $y = $off->shift->yMm + $turn * ($at->xMm - $job->widthMm / 2);
                $shown = PlaneSquare::of($path, $left - (int) round($x * $perMm), $top - (int) round($y * $perMm), $size);
            }
            $tones = $job->printsTones();
            if ($plate->printsTones()) {
                $shown = PlaneSquare::grown($shown, $size, $plate->lpi ?? PlannedDots::USUAL_LPI, $job->filmProfile()->dpi, $this->charts->known($job->gainSetting())->gain);
            }
            $layers[] = new PulledLayer(new CoverageMap($size, $size, 1, $shown), $plate->printedIn(), $tones ? $plate->hidingAsItLies($sinks) : $plate->hiding(), $plate->isTransparent());
            if (!$plate->isWhiteBase()) {
                $true = $true === null ? $straight : $true | $straight;
                $now = $now === null ? $shown : $now | $shown;
            }
        }
        if ($layers === []) {
            throw new NotHere();
        }
        // Film pixels are printed or not: where two inks shift over each other, the later one lies on top.
        $rgba = PulledPrint::rgba(Srgb::fromHex($job->garmentHex), $layers, $tones ? 0.0 : $sinks);
        if ($off !== null && $true !== null && $now !== null) {
            $rgba = self::hatched($rgba, $true & ~$now & str_repeat(\chr(CoverageMap::FULL), $size * $size), $size);
        }

        return PngFile::ofRgba($size, $size, $rgba);
    }

    /**
     * The films over each other, each in its tint, black where all meet.
     *
     * @param Point $at from the film’s top left corner
     *
     * @return string PNG
     */
    public function ofFilms(Job $job, Point $at, float $mm, ?int $alone): string
    {
        $perMm = $job->filmProfile()->dpi / 25.4;
        $size = max(8, min(self::MOST_PIXELS, (int) round($mm * $perMm)));
        $layers = [];
        foreach ($job->platesInOrder() as $i => $plate) {
            $path = $this->shopData.'/files/'.($job->filmsPath ?? throw new NotHere()).'/read-'.$i.'.plane';
            if (!is_file($path)) {
                throw new NotHere();
            }
            if ($alone === null || $alone === $i) {
                $square = PlaneSquare::of(
                    $path,
                    (int) round($at->xMm * $perMm - $size / 2),
                    (int) round($at->yMm * $perMm - $size / 2),
                    $size,
                );
                $layers[] = new PulledLayer(new CoverageMap($size, $size, 1, $square), self::tint($plate->printedIn()), self::DENSE);
            }
        }

        return PngFile::ofRgba($size, $size, self::lookedThrough($layers));
    }

    /**
     * Light through films: every film takes its part, so where all meet it is nearly black.
     *
     * @param list<PulledLayer> $layers
     */
    private static function lookedThrough(array $layers): string
    {
        $known = [];
        $out = [];
        for ($at = 0, $end = \strlen($layers[0]->coverage->bytes ?? ''); $at < $end; ++$at) {
            $key = 0;
            foreach ($layers as $i => $film) {
                $key |= $film->coverage->bytes[$at] === "\0" ? 0 : 1 << $i;
            }
            $out[] = $known[$key] ??= self::light($layers, $key);
        }

        return implode('', $out);
    }

    /** @param list<PulledLayer> $layers */
    private static function light(array $layers, int $films): string
    {
        $rgb = [255.0, 255.0, 255.0];
        foreach ($layers as $i => $film) {
            if (($films & 1 << $i) !== 0) {
                foreach ([$film->ink->red, $film->ink->green, $film->ink->blue] as $c => $channel) {
                    $rgb[$c] *= 1 - $film->hiding * (1 - $channel / 255);
                }
            }
        }

        return \chr((int) $rgb[0]).\chr((int) $rgb[1]).\chr((int) $rgb[2])."\xff";
    }

    /** A film is looked through: near-white inks are tinted darker, so that they are seen on the light. */
    public static function tint(Srgb $ink): Srgb
    {
        $light = 0.3 * $ink->red + 0.59 * $ink->green + 0.11 * $ink->blue;
        $factor = $light > 150 ? 150 / $light : 1.0;

        return new Srgb((int) round($ink->red * $factor), (int) round($ink->green * $factor), (int) round($ink->blue * $factor));
    }

    /** Draws slanting lines where something shows that ought to be covered. */
    private static function hatched(string $rgba, string $gaps, int $size): string
    {
        $pixel = \chr(self::GAP[0]).\chr(self::GAP[1]).\chr(self::GAP[2])."\xff";
        for ($at = strcspn($gaps, \chr(CoverageMap::FULL)); $at < \strlen($gaps); ++$at) {
            $at += strcspn($gaps, \chr(CoverageMap::FULL), $at);
            if ($at < \strlen($gaps) && ($at % $size + intdiv($at, $size)) % 6 < 3) {
                $rgba = substr_replace($rgba, $pixel, 4 * $at, 4);
            }
        }

        return $rgba;
    }
}
