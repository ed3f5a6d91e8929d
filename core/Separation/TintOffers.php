<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;

/** Which flat colours are mixtures of another’s ink and what lies under it: printed as dots of that ink they save a plate. */
final class TintOffers
{
    /** A tint further from its colour than this is seen as another, ΔE00 (heuristic). */
    public const NEAR = 6.0;
    private const WHITE = [246, 244, 238];
    private const STEPS = 100;

    /**
     * @param list<SeparatedPlate> $plates
     * @param Tones                $range  tones that the mesh holds
     *
     * @return list<Tint> the nearest first; a colour may be offered in several inks
     */
    public static function among(array $plates, Srgb $garment, Tones $range = new Tones(0.0, 1.0)): array
    {
        $flat = [];
        foreach ($plates as $plate) {
            if ($plate->artColour !== null && $plate->role !== PlateRole::Base) {
                $flat[] = new TintCandidate($plate->artColour->hex(), $plate->colour);
            }
        }

        return self::of($flat, $garment, \count($flat) < \count($plates), $range);
    }

    /**
     * @param list<TintCandidate> $flat
     * @param bool                $based whether a white base lies under what is lighter than the garment
     *
     * @return list<Tint> the nearest first
     */
    public static function of(array $flat, Srgb $garment, bool $based, Tones $range = new Tones(0.0, 1.0)): array
    {
        $offers = [];
        foreach ($flat as $one) {
            foreach ($flat as $other) {
                $offer = $one === $other ? null : self::tint($one, $other, $garment, $based, $range);
                if ($offer !== null && $offer->deltaE <= self::NEAR) {
                    $offers[] = $offer;
                }
            }
        }
        usort($offers, static fn (Tint $a, Tint $b): int => $a->deltaE <=> $b->deltaE);

        return $offers;
    }

    /** The best tint of an ink for a colour, however near it comes. */
    public static function tint(TintCandidate $one, TintCandidate $other, Srgb $garment, bool $based, Tones $range = new Tones(0.0, 1.0)): Tint
    {
        // Where the colour stands on a base, so do the dots.
        $under = $based && Garment::needsBase(Lab::of($one->printed), Lab::of($garment)) ? new Srgb(...self::WHITE) : $garment;
        [$tone, $deltaE] = self::nearest(Lab::of($one->printed), $under, $other->printed, $range);

        return new Tint($one->hex, $other->hex, $tone, round($deltaE, 2));
    }

    /**
     * As many as go together: an ink whose dots print another colour keeps its plate.
     *
     * @param list<Tint> $offers the nearest first
     *
     * @return list<Tint>
     */
    public static function together(array $offers): array
    {
        $taken = [];
        $kept = [];
        foreach ($offers as $offer) {
            if (!isset($taken[$offer->hex]) && !isset($kept[$offer->hex]) && !isset($taken[$offer->of])) {
                $taken[$offer->hex] = $offer;
                $kept[$offer->of] = true;
            }
        }

        return array_values($taken);
    }

    /** @return array{float, float} tone, 0–1, and ΔE00 */
    private static function nearest(Lab $wished, Srgb $under, Srgb $ink, Tones $range): array
    {
        $model = new BesideEachOther($under, [[$ink, Hiding::WISHED]]);
        [$best, $least] = [1.0, \INF];
        for ($step = 1; $step < self::STEPS; ++$step) {
            $tone = $step / self::STEPS;
            if ($tone < $range->lightest || $tone > $range->darkest) {
                continue;
            }
            $off = Ciede2000::between($wished, $model->lab([$tone]));
            if ($off < $least) {
                [$best, $least] = [$tone, $off];
            }
        }

        return [$best, $least];
    }
}
