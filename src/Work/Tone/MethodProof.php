<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\JobPrint;
use Ektype\App\Work\Methods;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PlateShare;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Separation\SpotMethod;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\TonalPlan;

/** What each method would print of a job's art, small; what was drawn once is kept. */
final readonly class MethodProof
{
    private const SAMPLES = 1500;
    private const TONAL_SIDE = 200;

    public function __construct(private SmallArt $art, private ToneProof $tones, private JobPrint $print, private Methods $methods, private Inks $inks, private DrawnOnce $drawn)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where nothing would print */
    public function of(Job $job, Plan $plan): SmallPrint
    {
        $key = $this->key($job, $plan);
        $kept = \sprintf('jobs/%d/proof-%s', $job->idOrFail(), $key);
        $print = unserialize($this->drawn->of($kept, fn (): string => serialize($this->drawn($job, $plan, $key))), ['allowed_classes' => [SmallPrint::class, PlateShare::class, PlateRole::class]]);

        return $print instanceof SmallPrint ? $print : throw new \UnexpectedValueException('The small print of a method is damaged. Bring the art again.');
    }

    private function drawn(Job $job, Plan $plan, string $key): SmallPrint
    {
        $art = $this->art->of($job);
        if ($plan instanceof TonalPlan) {
            $plan = $this->tones->settled($job, $plan);
            $print = $this->tones->of($job, $plan);
            $whole = $this->print->of($job);
            $first = $this->methods->of($plan)->first($plan, new OnlyArt($art), new PrintWanted($whole->widthMm, $whole->garment, 25.4 * $art->width / $whole->widthMm, $whole->sigmaMm, $whole->shelf, $whole->sinks, $whole->curve));
        } else {
            [$print, $first] = $plan instanceof SpotPlan ? $this->spot($job, $plan, $art) : throw new \LogicException('There is no such way of separating.');
        }
        [$mean, $p95] = self::deltaE($art, $print);

        return new SmallPrint($key, SmallArt::png($print), array_map(self::share(...), $first), round($mean, 2), round($p95, 2));
    }

    private static function share(FirstPlate $plate): PlateShare
    {
        if ($plate->seen instanceof BitPlane) {
            return new PlateShare($plate->name, $plate->role, $plate->seen->count() / ($plate->seen->width * $plate->seen->height));
        }
        $sum = 0;
        foreach (count_chars($plate->seen->bytes, 1) as $byte => $count) {
            $sum += $byte * $count;
        }

        return new PlateShare($plate->name, $plate->role, $sum / (CoverageMap::FULL * $plate->seen->width * $plate->seen->height));
    }

    /** @return array{\Imagick, list<FirstPlate>} */
    private function spot(Job $job, SpotPlan $plan, ArtRaster $art): array
    {
        $whole = $this->print->of($job);
        // Colours of a picture in tones are many: they are looked for on a smaller one.
        $small = TonalArt::isOne($art) ? SmallArt::sized($art, self::TONAL_SIDE) : $art;
        // Two film pixels for each of the picture: its edges are seen no finer.
        $print = new PrintWanted($whole->widthMm, $whole->garment, 2 * 25.4 * $small->width / $whole->widthMm, $whole->sigmaMm, $whole->shelf);
        $first = (new SpotMethod())->first($plan, new OnlyArt($small), $print);
        $layers = [];
        foreach ($first as $plate) {
            $map = $plate->seen instanceof BitPlane ? CoverageMap::fine($plate->seen) : $plate->seen;
            $layers[] = new PulledLayer($map, $plate->colour, Hiding::WISHED);
        }
        $garment = Srgb::fromHex($job->garmentHex);
        $picture = new \Imagick();
        if ($layers === []) {
            $picture->newImage($art->width, $art->height, new \ImagickPixel($garment->hex()));

            return [$picture, []];
        }
        $map = $layers[0]->coverage;
        $picture->readImageBlob(PngFile::ofRgba($map->width, $map->height, PulledPrint::rgba($garment, $layers, PulledPrint::sinks($job->substrate))), 'print.png');
        $picture->setImageBackgroundColor(new \ImagickPixel($garment->hex()));
        $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $picture->resizeImage($art->width, $art->height, \Imagick::FILTER_BOX, 1);

        return [$picture, $first];
    }

    /** @return array{float, float} how far a print is from the picture in the mean, and what 95 % of it stay under, ΔE00 */
    private static function deltaE(ArtRaster $art, \Imagick $print): array
    {
        $copy = clone $print;
        $copy->setImageDepth(8);
        $copy->setImageFormat('RGB');
        $rgb = $copy->getImageBlob();
        $off = [];
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            $at = 3 * (int) ($art->width * $art->height * fmod($i * 0.6180339887498949, 1.0));
            $off[] = Ciede2000::between(SmallArt::lab($art->rgb, $at), SmallArt::lab($rgb, $at));
        }
        sort($off);

        return [array_sum($off) / self::SAMPLES, $off[(int) (0.95 * self::SAMPLES)]];
    }

    private function key(Job $job, Plan $plan): string
    {
        $shelf = [];
        foreach ($this->inks->all() as $ink) {
            $shelf[] = [$ink->id, $ink->hex, $ink->hiding, $ink->kind->value];
        }

        return substr(hash('sha256', serialize([$job->separationKey($plan), $job->substrate->value, $shelf])), 0, 16);
    }
}
