<?php

declare(strict_types=1);

namespace Ektype\App\Work\First;

use Ektype\App\Shop\Ink\FittingInk;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\PlateName;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\Films\FittingMethod;
use Ektype\App\Work\Films\JobPrint;
use Ektype\App\Work\Long\OneAtATime;
use Ektype\App\Work\Picture\ArtOnce;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\App\Work\Picture\JobArt;
use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Separation\PlatesLaid;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;

/** Separates at the size of the screen, at once and beside the worker; what was drawn is kept until it changes. */
final readonly class FirstPulls
{
    /** Larger art waits for its plates, pixels: to read it alone would take longer than a first look may. */
    private const MOST_PIXELS = 40_000_000;

    public function __construct(
        private Inks $inks,
        private FittingMethod $fitting,
        private JobPrint $print,
        private ArtOnGarment $art,
        private ScannedPositive $scans,
        private ShopFiles $files,
        private OneAtATime $one,
        private string $shopData,
    ) {
    }

    /** @throws \Ektype\Core\Unit\Refusal where the art gives no plates */
    public function of(Job $job): FirstPull
    {
        $key = $this->key($job);
        if (!$this->has($job, $key)) {
            // The worker may be at it: then it is there when it lets go.
            $held = $this->one->hold(self::lock($job), wait: true);
            try {
                if (!$this->has($job, $key)) {
                    [$plates, $laid] = $this->plates($job);
                    $this->keep($job, $key, $plates, $laid);
                }
            } finally {
                $held?->release();
            }
        }
        $plates = unserialize($this->files->read(self::folder($job, $key).'/plates'), ['allowed_classes' => [PlateOfFirst::class, PlateRole::class]]);

        return new FirstPull($key, \is_array($plates) ? array_values(array_filter($plates, static fn (mixed $p): bool => $p instanceof PlateOfFirst)) : []);
    }

    /**
     * @param string $key of the first pull that is meant: a picture is kept by its address, so it is never another one
     *
     * @return string PNG
     */
    public function picture(Job $job, string $key): string
    {
        $kept = self::folder($job, $key).'/pull.png';
        if (!$this->files->has($kept)) {
            $now = $this->of($job);
            if ($now->key !== $key || $now->plates === []) {
                throw new NotHere();
            }
        }

        return $this->files->read($kept);
    }

    /** Before a worker separates. It waits for a page that has begun to draw the same. */
    public function promised(Job $job): FirstShow
    {
        // A drawing is opened at the size of the screen far sooner than at that of the film: pages do that themselves.
        if ($job->art->kind === 'svg' || $job->spotPlan()->positives !== [] || !self::isSmall($job)) {
            return new FirstShow(null, null);
        }
        $held = $this->one->hold(self::lock($job), wait: true);
        $key = $this->key($job);
        if ($this->has($job, $key)) {
            $held?->release();

            return new FirstShow(null, null);
        }

        return new FirstShow(function (array $plates, PlatesLaid $laid) use ($job, $key): void {
            $this->keep($job, $key, $plates, $laid);
        }, $held);
    }

    /** @phpstan-impure */
    private function has(Job $job, string $key): bool
    {
        return $this->files->has(self::folder($job, $key).'/plates');
    }

    /** @param list<FirstPlate> $first */
    private function keep(Job $job, string $key, array $first, PlatesLaid $laid): void
    {
        $shelf = $this->inks->all();
        $plates = $layers = $named = [];
        $maps = SideBySide::all(array_map(static fn (FirstPlate $plate): \Closure => static fn (): CoverageMap => $plate->seen instanceof CoverageMap ? $plate->seen : CoverageMap::fine($plate->seen), $first));
        $tones = false;
        foreach ($first as $i => $plate) {
            $ink = self::ink($plate, $job, $shelf);
            $colour = $ink === null ? $plate->colour : Srgb::fromHex($ink->hex);
            $named[] = $name = PlateName::of($plate->name, $plate->colour, $plate->role, $ink?->name, $named);
            $plates[] = new PlateOfFirst(
                $name,
                $plate->role,
                $colour->hex(),
                self::coveragePct($plate->seen),
            );
            $tones = $tones || $plate->hiding !== null;
            $layers[] = new PulledLayer($maps[$i], $colour, $plate->hiding ?? $ink->hiding ?? Hiding::WISHED, $plate->transparent, $plate->role === PlateRole::Base);
        }
        if ($layers !== []) {
            $garment = Srgb::fromHex($job->garmentHex);
            // Those of a picture in tones tell their hiding as they lie.
            $rgba = PulledPrint::laid($laid, $garment, $layers, $tones ? 0.0 : PulledPrint::sinks($job->substrate));
            $map = $layers[0]->coverage;
            $this->files->put(self::folder($job, $key).'/pull.png', PngFile::ofRgba($map->width, $map->height, $rgba));
        }
        $this->files->put(self::folder($job, $key).'/plates', serialize($plates));
    }

    private static function coveragePct(BitPlane|CoverageMap $seen): float
    {
        if ($seen instanceof BitPlane) {
            return 100 * $seen->count() / ($seen->width * $seen->height);
        }
        $sum = 0;
        foreach (count_chars($seen->bytes, 1) as $byte => $count) {
            $sum += $byte * $count;
        }

        return 100 * $sum / (CoverageMap::FULL * $seen->width * $seen->height);
    }

    private static function isSmall(Job $job): bool
    {
        return $job->art->kind === 'svg' || $job->art->widthPx * $job->art->heightPx <= self::MOST_PIXELS;
    }

    /** @return array{list<FirstPlate>, PlatesLaid} */
    private function plates(Job $job): array
    {
        if (!self::isSmall($job)) {
            return [[], PlatesLaid::Over];
        }
        $art = new ArtOnce(new JobArt($job, $this->art, $this->scans, $this->shopData.'/files/'));
        $print = $this->print->of($job);
        $plan = $this->fitting->of($job, $art, $print)->plan;

        return [Methods::of($plan)->first($plan, $art, $print->onScreen($job->heightMm())), $plan->method()->laid()];
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

        // What is mixed for it is none of the shelf.
        return $first->transparent && $first->ink === '' ? null : FittingInk::called($first->ink, $shelf) ?? $has ?? FittingInk::nearest($first->colour, $shelf);
    }

    /** Of all that the first pull shows: what its plates are drawn from, and the inks that they are or would be printed in. */
    private function key(Job $job): string
    {
        $seen = [$job->separationKey(), $job->substrate->value];
        foreach ($this->inks->all() as $ink) {
            $seen[] = [$ink->name, $ink->hex, $ink->hiding];
        }
        foreach ($job->platesInOrder() as $plate) {
            $seen[] = [$plate->role->value, $plate->artHex, $plate->ink?->id];
        }

        return substr(hash('sha256', serialize($seen)), 0, 16);
    }

    private static function lock(Job $job): string
    {
        return \sprintf('first-%d', $job->idOrFail());
    }

    private static function folder(Job $job, string $key): string
    {
        return \sprintf('jobs/%d/first-%s', $job->idOrFail(), $key);
    }
}
