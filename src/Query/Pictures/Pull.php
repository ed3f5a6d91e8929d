<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\Films\CoverageFile;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\PlateContacts;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\InkedExtent;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;

/** Draws the print after a stop of the pull bar, and single plates as films; keeps what it has drawn. */
final readonly class Pull
{
    public function __construct(private ShopFiles $files)
    {
    }

    /** @return string PNG */
    public function after(Job $job, int $stop): string
    {
        $plates = \array_slice($job->platesInOrder(), 0, $stop);
        if ($job->separationPath === null || $plates === [] || \count($plates) < $stop) {
            throw new NotHere();
        }
        $kept = \sprintf('%s/pull-%s-%d.png', $job->separationPath, $job->pullKey(), $stop);
        if ($this->files->has($kept)) {
            return $this->files->read($kept);
        }
        $sinks = PulledPrint::sinks($job->substrate);
        $laid = $job->plan()->method()->laid();
        $layers = array_map(fn (Plate $p): PulledLayer => $this->layer($p, $this->coverage($p), $sinks), $plates);
        $map = $layers[0]->coverage;
        $png = PngFile::ofRgba($map->width, $map->height, PulledPrint::laid($laid, Srgb::fromHex($job->garmentHex), $layers, $job->printsTones() ? 0.0 : $sinks));
        $this->files->put($kept, $png);

        return $png;
    }

    /**
     * The whole print with its plates in another order.
     *
     * @param list<int> $order all plates
     *
     * @return string PNG
     */
    public function inOrder(Job $job, array $order): string
    {
        $by = [];
        foreach ($job->platesInOrder() as $plate) {
            $by[$plate->idOrFail()] = $plate;
        }
        if ($job->separationPath === null || $by === [] || \count($order) !== \count($by) || array_diff($order, array_keys($by)) !== []) {
            throw new NotHere();
        }
        $kept = \sprintf('%s/order-%s-%s.png', $job->separationPath, $job->pullKey(), substr(hash('sha256', implode(',', $order)), 0, 12));
        if ($this->files->has($kept)) {
            return $this->files->read($kept);
        }
        $sinks = PulledPrint::sinks($job->substrate);
        $layers = array_map(fn (int $id): PulledLayer => $this->layer($by[$id], $this->coverage($by[$id]), $sinks), $order);
        $map = $layers[0]->coverage;
        $png = PngFile::ofRgba($map->width, $map->height, PulledPrint::laid($job->plan()->method()->laid(), Srgb::fromHex($job->garmentHex), $layers, $job->printsTones() ? 0.0 : $sinks));
        $this->files->put($kept, $png);

        return $png;
    }

    /** How much of the picture its plates share. */
    public function contacts(Job $job): PlateContacts
    {
        return PlateContacts::of(array_map($this->coverage(...), $job->platesInOrder()));
    }

    /** @return string PNG of the print after so many plates on its cloth, without transparency: pages hold it small */
    public function onCloth(Job $job, int $stop): string
    {
        $picture = new \Imagick();
        $picture->readImageBlob($this->after($job, $stop));
        $picture->setImageBackgroundColor(new \ImagickPixel($job->garmentHex));
        $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $picture->setImageDepth(8);
        $picture->setImageFormat('RGB');

        return PngFile::ofRgb($picture->getImageWidth(), $picture->getImageHeight(), $picture->getImageBlob());
    }

    /**
     * The whole print with some plates given up.
     *
     * @param array<int, array{Plate, float}|null> $becomes id of a plate => the plate in whose ink it prints, and how much of that, 0–1; null leaves it out
     */
    public function withFewer(Job $job, array $becomes): string
    {
        $layers = [];
        $inked = null;
        foreach ($job->platesInOrder() as $plate) {
            $as = \array_key_exists($plate->idOrFail(), $becomes) ? $becomes[$plate->idOrFail()] : [$plate, 1.0];
            if ($as !== null && !$plate->isWhiteBase()) {
                $map = $this->coverage($plate);
                $inked = $inked === null ? $map->bytes : $inked | $map->bytes;
                $layers[] = new PulledLayer($map->times($as[1]), $as[0]->printedIn(), $as[0]->hiding());
            }
        }
        foreach ($job->platesInOrder() as $plate) {
            if ($plate->isWhiteBase() && $inked !== null) {
                // A base under a colour that is given up would show white: it goes with it.
                $map = $this->coverage($plate);
                array_unshift(
                    $layers,
                    new PulledLayer(
                        new CoverageMap($map->width, $map->height, $map->filmPixels, $map->bytes & strtr($inked, self::anyInk())),
                        $plate->printedIn(),
                        $plate->hiding(),
                    ),
                );
            }
        }
        if ($layers === []) {
            throw new NotHere();
        }

        $map = $layers[0]->coverage;

        return PngFile::ofRgba(
            $map->width,
            $map->height,
            PulledPrint::rgba(Srgb::fromHex($job->garmentHex), $layers, PulledPrint::sinks($job->substrate)),
        );
    }

    /** A plate as it lies: those of a picture in tones tell their hiding on what is below them. */
    private function layer(Plate $plate, CoverageMap $covers, float $sinks): PulledLayer
    {
        return new PulledLayer($covers, $plate->printedIn(), $plate->job->printsTones() ? $plate->hidingAsItLies($sinks) : $plate->hiding(), $plate->isTransparent(), $plate->role === PlateRole::Base);
    }

    /** A film as it was read back from its file, in one tint. */
    public function readBack(Job $job, int $film, string $tint): string
    {
        $path = \sprintf('%s/read-%d.cover', $job->filmsPath ?? throw new NotHere(), $film);
        if (!$this->files->has($path)) {
            throw new NotHere();
        }

        return self::tinted(CoverageFile::read($this->files->read($path)), $tint);
    }

    /** @return array<string, string> any ink counts as full */
    private static function anyInk(): array
    {
        $full = [];
        for ($i = 1; $i <= 127; ++$i) {
            $full[\chr($i)] = "\x7f";
        }

        return $full;
    }

    /** One plate in one tint, clear where it does not print. */
    public function film(Plate $plate, string $tint): string
    {
        return self::tinted($this->coverage($plate), $tint);
    }

    private static function tinted(CoverageMap $map, string $tint): string
    {
        $colour = Srgb::fromHex($tint);
        $rgb = \chr($colour->red).\chr($colour->green).\chr($colour->blue);
        $pixels = [];
        for ($i = 0; $i <= CoverageMap::FULL; ++$i) {
            $pixels[\chr($i)] = $rgb.\chr(min(255, (int) round($i * 255 / CoverageMap::FULL)));
        }

        return PngFile::ofRgba($map->width, $map->height, strtr($map->bytes, $pixels));
    }

    /** null where no plate was drawn, or none prints */
    public function inked(Job $job): ?InkedPart
    {
        $plates = $job->platesInOrder();
        if ($job->separationPath === null || $plates === []) {
            return null;
        }
        $maps = array_map($this->coverage(...), $plates);
        $extent = InkedExtent::of($maps);
        if ($extent === null) {
            return null;
        }
        // A square may stand out beyond the print at the right and below, so it is told by film pixels, not by shares.
        $square = $maps[0]->filmPixels * 25.4 / $job->filmProfile()->dpi;

        return new InkedPart(
            min($job->widthMm, $extent->width * $square),
            min($job->heightMm(), $extent->height * $square),
            $extent->left * $square,
            $extent->top * $square,
            $square,
        );
    }

    private function coverage(Plate $plate): CoverageMap
    {
        $path = $plate->job->separationPath ?? throw new NotHere();

        return CoverageFile::read($this->files->read(\sprintf('%s/%d.cover', $path, $plate->drawing)));
    }
}
