<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\CubeSteps;
use Ektype\Core\Tone\TonePlate;

/** A picture in dots of many opaque inks over a base: every plate from one inversion of the print model. */
final class SimulatedProcess
{
    /** The base stands apart from the colours, which share an angle (school). */
    private const BASE_TURN = 30.0;
    /** Tones under this and over its complement are bare and solid, 0–1. */
    private const ENDS = 0.006;

    /**
     * @return non-empty-list<TonePlate> in print order
     *
     * @throws \Ektype\Core\Unit\Refusal where film, dots or inks cannot be
     */
    public static function of(ArtRaster $art, SimulatedRequest $request): array
    {
        $inks = $request->inOrder();
        $grid = ToneGrid::for($request->widthMm, $art->width, $art->height, $request->dpi);
        $table = MixTable::of(new LayeredInks($request->garment, $inks), $request->highlight !== null);
        $tones = ArtTones::of($art, $grid->tonesAcross, $grid->tonesDown, $request->widthMm, $request->work);
        $range = $request->curve?->printed($request->range) ?? $request->range;
        $from = $to = '';
        for ($tone = 0; $tone < 256; ++$tone) {
            $part = $tone / 255;
            $from .= \chr($tone);
            $to .= \chr((int) round(255 * match (true) {
                $part < self::ENDS => 0.0,
                $part > 1 - self::ENDS => 1.0,
                default => $range->lightest + $part * ($range->darkest - $range->lightest),
            }));
        }
        $screens = [];
        $plates = [];
        foreach ($tones->throughAll(array_map(static fn (array $nodes): string => CubeSteps::of($nodes, MixTable::SIDE), $table->nodes)) as $i => $bytes) {
            $isBase = $request->base !== null && $i === 0;
            $screens[(int) $isBase] ??= self::screening($request, $isBase, $grid->width);
            [$cell, $screening] = $screens[(int) $isBase];
            $printed = $tones->where(strtr($bytes, $from, $to));
            $onFilm = $request->curve?->on($printed) ?? $printed;
            $plates[] = new TonePlate(
                new GivenInk($inks[$i]->name, $inks[$i]->colour, $inks[$i]->hiding),
                $screening->film($onFilm, $grid->times, $grid->height, new HardEdges($onFilm, HardEdges::reach($art->width, $grid->tonesAcross))),
                new Halftone($cell->lpi, $cell->angleDeg),
                $request->dot,
                $request->range,
                $grid->width / $request->dpi * 25.4,
                $grid->height / $request->dpi * 25.4,
                $printed,
                [],
            );
        }

        return $plates === [] ? throw new \LogicException('A print has inks.') : $plates;
    }

    /** @return array{Supercell, Screening} */
    private static function screening(SimulatedRequest $request, bool $isBase, int $width): array
    {
        $angle = $request->dots->angleDeg + ($isBase ? self::BASE_TURN : 0.0);
        $cell = Supercell::for($request->dpi, $request->dots->lpi, $angle > 90 ? $angle - 90 : $angle);

        return [$cell, Screening::with($cell, $request->dot, $width)];
    }
}
