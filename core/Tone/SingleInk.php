<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;

/** One ink alone on a garment: which it is, how it lies, and how light a picture comes out in it. */
final readonly class SingleInk
{
    private function __construct(public GivenInk $ink, public Laying $laying, public Srgb $stands, private Srgb $garment)
    {
    }

    /**
     * @param int|null $number of the ink of the shelf; null for the opaque one furthest from the garment
     *
     * @throws ImpossibleTone where there is none
     */
    public static function on(PrintWanted $print, ?int $number = null): self
    {
        $opaque = $print->opaque();
        $ink = $print->shelf[$number ?? 0] ?? ($opaque === []
            ? throw ImpossibleTone::at('ink', 'There is no ink on the shelf to print the picture in. Put one there.')
            : InkTones::furthest($print->garment, ...$opaque));
        $isLighter = Lab::of($ink->colour)->l > Lab::of($print->garment)->l;
        $laying = $isLighter ? Strokes::alone(Lab::of($print->garment))->laying : Laying::Once;

        return new self(
            new GivenInk($ink->name, $ink->colour, $laying->hiding($ink->hiding * (1 - $print->sinks))),
            $laying,
            new Srgb(...$isLighter ? TonalPlates::LIGHT_END : TonalPlates::DARK_END),
            $print->garment,
        );
    }

    /** @param Tones $range that is printed */
    public function tones(Tones $range): InkTones
    {
        return new InkTones($this->garment, [$this->ink], $range);
    }

    /**
     * The print, as the eye sees it from a few steps away.
     *
     * @param ToneCurve|null $uncorrected of the press, where the film does not undo it
     */
    public static function print(ArtTones $art, Srgb $garment, GivenInk $ink, InkTones $tones, ?ToneCurve $uncorrected = null): \Imagick
    {
        $press = ToneCurve::press($uncorrected);
        $model = new BesideEachOther($garment, [new LaidInk($ink->colour, 1.0, $ink->hiding)]);
        $colours = [];
        for ($light = 0; $light < 256; ++$light) {
            $seen = $model->colour(array_map($press, $tones->printed($light / 2.55)));
            $colours[\chr($light)] = \chr($seen->red).\chr($seen->green).\chr($seen->blue);
        }

        return $art->print($art->lights(), $colours, $garment);
    }

    /** @return list<FirstPlate> its plate as it is looked at first */
    public function look(ArtRaster $raster, PrintWanted $print, ToneWork $work, Tones $range): array
    {
        $width = min($raster->width, (int) round($print->widthMm / 25.4 * $print->dpi));
        $tones = ArtTones::of($raster, $width, max(1, (int) round($width * $raster->height / $raster->width)), $print->widthMm, $work);
        $all = implode('', array_map(\chr(...), range(0, 255)));

        return [TonalPlates::seen($tones->where(strtr($tones->lights(), $all, $this->tones($range)->tables()[0])), $this->ink, $this->stands)];
    }
}
