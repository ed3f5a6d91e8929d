<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\SetOff;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\FlatAreas;
use Ektype\Core\Tone\TonePlate;

/**
 * A picture in dots of many inks: every plate from one inversion of the print model.
 *
 * @phpstan-type Screened array{Supercell, Screening}
 */
final class MixPlates
{
    /**
     * @return non-empty-list<TonePlate> in print order
     *
     * @throws \Ektype\Core\Unit\Refusal where film, dots or inks cannot be
     */
    public static function of(ArtRaster $art, MixRequest $request): array
    {
        $grid = ToneGrid::for($request->widthMm, $art->width, $art->height, $request->dpi);
        $tones = ArtTones::of($art, $grid->tonesAcross, $grid->tonesDown, $request->widthMm, $request->work);
        $from = implode('', array_map(\chr(...), range(0, 255)));
        $reach = HardEdges::reach($art->width, $grid->tonesAcross);
        $edges = HardEdges::ofPicture(array_map(static fn (string $channel): ToneRaster => new ToneRaster($grid->tonesAcross, $grid->tonesDown, $channel), array_values(array_unique($tones->channels()))), $reach);
        /** @var array<string, Screened> $screens */
        $screens = [];
        $plates = [];
        $places = array_map(SetOff::of(...), array_count_values(array_map(static fn (array $plate): string => $plate[2]->lpi.' '.$plate[2]->angleDeg, $request->plates)));
        $held = $request->printed();
        $flats = $request->flats === [] ? null : FlatAreas::of($tones->drawn(), $tones->width, $request->flatColours(), $reach);
        foreach ($tones->throughAll($request->steps($tones->channels())) as $i => $bytes) {
            [$ink, $role, $dots] = $request->plates[$i];
            $name = $dots->lpi.' '.$dots->angleDeg;
            [$cell, $screening] = $screens[$name] ??= self::screening($request, $dots, $grid->width);
            $screening = $screening->setOff(array_shift($places[$name]) ?? [0.0, 0.0]);
            $to = implode('', array_map(static fn (int $tone): string => \chr((int) round(255 * $held($i, $tone / 255))), range(0, 255)));
            $worked = strtr($bytes, $from, $to);
            $printed = $tones->where($flats === null ? $worked : $flats->laid($worked, $request->solids($i)));
            $onFilm = $request->curve?->on($printed) ?? $printed;
            $plates[] = new TonePlate(
                $ink,
                $screening->film($onFilm, $grid->times, $grid->height, new HardEdges($onFilm, $reach, $edges, $flats?->sides($onFilm->tones, $request->solids($i)) ?? [])),
                new Halftone($cell->lpi, $cell->angleDeg),
                $request->dot,
                $request->range,
                $grid->width / $request->dpi * 25.4,
                heightMm: $grid->height / $request->dpi * 25.4,
                tones: $printed,
                says: [],
                role: $role,
            );
        }

        return $plates === [] ? throw new \LogicException('A print has inks.') : $plates;
    }

    /** @return Screened */
    private static function screening(MixRequest $request, Halftone $dots, int $width): array
    {
        $cell = Supercell::for($request->dpi, $dots->lpi, $dots->angleDeg);

        return [$cell, Screening::with($cell, $request->dot, $width)];
    }
}
