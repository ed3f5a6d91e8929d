<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Ink\FittingInk;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\ArtOnGarment;
use Ektype\App\Work\JobArt;
use Ektype\App\Work\JobPrint;
use Ektype\App\Work\Methods;
use Ektype\App\Work\ScannedPositive;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;

/** Separates at the size of the screen, at once and beside the worker; what was drawn is kept until it changes. */
final readonly class SeeFirstPull
{
    /** Larger art waits for its plates, pixels: to read it alone would take longer than a first look may. */
    private const MOST_PIXELS = 40_000_000;

    public function __construct(
        private Jobs $jobs,
        private Inks $inks,
        private Methods $methods,
        private JobPrint $print,
        private ArtOnGarment $art,
        private ScannedPositive $scans,
        private ShopFiles $files,
        private string $shopData,
    ) {
    }

    /** @throws \Ektype\Core\Unit\Refusal where the art gives no plates */
    public function of(int $jobId): FirstPull
    {
        $job = $this->jobs->whole($jobId);
        $key = $this->key($job);
        $kept = self::folder($job, $key).'/plates';
        if (!$this->files->has($kept)) {
            $this->draw($job, $key);
        }
        $plates = unserialize($this->files->read($kept), ['allowed_classes' => [PlateOfFirst::class, PlateRole::class]]);

        return new FirstPull($key, \is_array($plates) ? array_values(array_filter($plates, static fn (mixed $p): bool => $p instanceof PlateOfFirst)) : []);
    }

    /** @return string PNG */
    public function picture(int $jobId): string
    {
        $first = $this->of($jobId);
        if ($first->plates === []) {
            throw new NotHere();
        }

        return $this->files->read(self::folder($this->jobs->whole($jobId), $first->key).'/pull.png');
    }

    private function draw(Job $job, string $key): void
    {
        $shelf = $this->inks->all();
        $plates = $layers = [];
        foreach ($this->plates($job) as $plate) {
            $ink = self::ink($plate, $job, $shelf);
            $colour = $ink === null ? $plate->colour : Srgb::fromHex($ink->hex);
            $plates[] = new PlateOfFirst(
                $plate->name,
                $plate->role,
                $colour->hex(),
                100 * $plate->plane->count() / ($plate->plane->width * $plate->plane->height),
            );
            $layers[] = new PulledLayer(CoverageMap::fine($plate->plane), $colour, $ink->hiding ?? Hiding::WISHED);
        }
        if ($layers !== []) {
            $rgba = PulledPrint::rgba(Srgb::fromHex($job->garmentHex), $layers, PulledPrint::sinks($job->substrate));
            $map = $layers[0]->coverage;
            $this->files->put(self::folder($job, $key).'/pull.png', PngFile::ofRgba($map->width, $map->height, $rgba));
        }
        $this->files->put(self::folder($job, $key).'/plates', serialize($plates));
    }

    /** @return list<FirstPlate> */
    private function plates(Job $job): array
    {
        if ($job->art->kind !== 'svg' && $job->art->widthPx * $job->art->heightPx > self::MOST_PIXELS) {
            return [];
        }
        $plan = $job->plan();

        return $this->methods->of($plan)->first(
            $plan,
            new JobArt($job, $this->art, $this->scans, $this->shopData.'/files/'),
            $this->print->of($job)->onScreen($job->heightMm()),
        );
    }

    /**
     * The ink that its plate has already, else the one that it would be proposed.
     *
     * @param list<Ink> $shelf
     */
    private static function ink(FirstPlate $first, Job $job, array $shelf): ?Ink
    {
        $has = null;
        foreach ($job->platesInOrder() as $plate) {
            if ($plate->role === $first->role && $plate->artHex === $first->art?->hex()) {
                $has = $plate->ink;
            }
        }

        return FittingInk::called($first->ink, $shelf) ?? $has ?? FittingInk::nearest($first->colour, $shelf);
    }

    private function key(Job $job): string
    {
        return substr(hash('sha256', serialize([
            $job->separationKey(),
            $job->substrate,
            array_map(static fn (Ink $ink): array => [$ink->name, $ink->hex, $ink->hiding], $this->inks->all()),
        ])), 0, 16);
    }

    private static function folder(Job $job, string $key): string
    {
        return \sprintf('jobs/%d/first-%s', $job->idOrFail(), $key);
    }
}
