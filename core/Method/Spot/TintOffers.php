<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\SeparatedPlate;

/**
 * Which flat colours are mixtures of another’s ink and what lies under it: printed as dots of that ink they save a plate.
 *
 * @phpstan-type Touching array{string, string}
 */
final class TintOffers
{
    /** A tint further from its colour than this is seen as another, ΔE00 (heuristic). */
    public const NEAR = 6.0;
    private const WHITE = [246, 244, 238];
    private const STEPS = 100;
    /** Two inks are worth it where they come nearer than one by so much, ΔE00; above so many colours no pairs are tried (heuristic). */
    private const WORTH_TWO = 1.5;
    private const MOST_FOR_TWO = 12;
    /** Of either ink at the least, and of both at the most, so that their dots have room beside each other (heuristic). */
    private const LEAST_OF_TWO = 0.06;
    private const ROOM_OF_TWO = 0.7;

    /**
     * @param list<SeparatedPlate>  $plates
     * @param Tones                 $range    tones that the mesh holds
     * @param list<NeighbourBudget> $touching plates with a common border, by their names
     *
     * @return list<Tint> the nearest first; a colour may be offered in several inks
     */
    public static function among(array $plates, Srgb $garment, Tones $range = new Tones(0.0, 1.0), array $touching = []): array
    {
        $flat = [];
        $named = [];
        foreach ($plates as $plate) {
            if ($plate->artColour !== null && $plate->role !== PlateRole::Base) {
                $flat[] = new TintCandidate($plate->artColour->hex(), $plate->colour);
                $named[$plate->name] = $plate->artColour->hex();
            }
        }

        return self::of($flat, $garment, \count($flat) < \count($plates), $range, self::pairs($touching, $named));
    }

    /**
     * @param list<NeighbourBudget> $touching
     * @param array<string, string> $named    colour of the art by the name of its plate
     *
     * @return list<Touching> colours with a common border
     */
    public static function pairs(array $touching, array $named): array
    {
        $pairs = [];
        foreach ($touching as $two) {
            if (isset($named[$two->one], $named[$two->two])) {
                $pairs[] = [$named[$two->one], $named[$two->two]];
            }
        }

        return $pairs;
    }

    /**
     * @param list<TintCandidate> $flat
     * @param bool                $based    whether a white base lies under what is lighter than the garment
     * @param list<Touching>      $touching colours with a common border
     *
     * @return list<Tint> the nearest first
     */
    public static function of(array $flat, Srgb $garment, bool $based, Tones $range = new Tones(0.0, 1.0), array $touching = []): array
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
        foreach (\count($flat) > self::MOST_FOR_TWO ? [] : $flat as $one) {
            $single = min([\INF, ...array_map(static fn (Tint $t): float => $t->deltaE, array_filter($offers, static fn (Tint $t): bool => $t->hex === $one->hex))]);
            foreach (self::ofTwo($one, $flat, $garment, $based, $touching, $range) as $offer) {
                if ($offer->deltaE <= self::NEAR && $offer->deltaE < $single - self::WORTH_TWO) {
                    $offers[] = $offer;
                }
            }
        }
        usort($offers, static fn (Tint $a, Tint $b): int => $a->deltaE <=> $b->deltaE);

        return $offers;
    }

    /**
     * Dots of two inks that touch no other way: beside each other they must keep register only here.
     *
     * @param list<TintCandidate> $flat
     * @param list<Touching>      $touching
     *
     * @return list<Tint> however near they come
     */
    private static function ofTwo(TintCandidate $one, array $flat, Srgb $garment, bool $based, array $touching, Tones $range): array
    {
        $tints = [];
        foreach ($flat as $i => $first) {
            foreach (\array_slice($flat, $i + 1) as $second) {
                $touch = array_filter($touching, static fn (array $pair): bool => \in_array($first->hex, $pair, true) && \in_array($second->hex, $pair, true)) !== [];
                if ($first !== $one && $second !== $one && !$touch) {
                    $tints[] = self::tintOfTwo($one, $first, $second, $garment, $based, $range);
                }
            }
        }

        return $tints;
    }

    /** The best mixture of two inks’ dots beside each other for a colour, however near it comes. */
    public static function tintOfTwo(TintCandidate $one, TintCandidate $first, TintCandidate $second, Srgb $garment, bool $based, Tones $range = new Tones(0.0, 1.0)): Tint
    {
        $lightest = max(self::LEAST_OF_TWO, $range->lightest);
        $wished = Lab::of($one->printed);
        $model = new BesideEachOther(self::under($one, $garment, $based), [new LaidInk($first->printed, 1.0, Hiding::WISHED), new LaidInk($second->printed, 1.0, Hiding::WISHED)]);
        [$a, $b, $least] = [$lightest, $lightest, \INF];
        foreach ([0.1, 0.02] as $n => $step) {
            [$midA, $midB] = [$a, $b];
            for ($i = $n === 0 ? 0 : -4; $i <= ($n === 0 ? 9 : 4); ++$i) {
                for ($j = $n === 0 ? 0 : -4; $j <= ($n === 0 ? 9 : 4); ++$j) {
                    [$x, $y] = $n === 0 ? [$i * $step + $lightest, $j * $step + $lightest] : [$midA + $i * $step, $midB + $j * $step];
                    if (min($x, $y) < $lightest || max($x, $y) > $range->darkest || $x + $y > self::ROOM_OF_TWO) {
                        continue;
                    }
                    $off = Ciede2000::between($wished, $model->lab([$x, $y]));
                    if ($off < $least) {
                        [$a, $b, $least] = [$x, $y, $off];
                    }
                }
            }
        }

        return $a >= $b
            ? new Tint($one->hex, $first->hex, round($a, 2), round($least, 2), $second->hex, round($b, 2))
            : new Tint($one->hex, $second->hex, round($b, 2), round($least, 2), $first->hex, round($a, 2));
    }

    /** The best tint of an ink for a colour, however near it comes. */
    public static function tint(TintCandidate $one, TintCandidate $other, Srgb $garment, bool $based, Tones $range = new Tones(0.0, 1.0)): Tint
    {
        [$tone, $deltaE] = self::nearest(Lab::of($one->printed), self::under($one, $garment, $based), $other->printed, $range);

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
            if (!isset($taken[$offer->hex]) && !isset($kept[$offer->hex]) && array_filter($offer->inks(), static fn (string $ink): bool => isset($taken[$ink])) === []) {
                $taken[$offer->hex] = $offer;
                $kept += array_fill_keys($offer->inks(), true);
            }
        }

        return array_values($taken);
    }

    /** Where the colour stands on a base, so do the dots. */
    private static function under(TintCandidate $one, Srgb $garment, bool $based): Srgb
    {
        return $based && Garment::needsBase(Lab::of($one->printed), Lab::of($garment)) ? new Srgb(...self::WHITE) : $garment;
    }

    /** @return array{float, float} tone, 0–1, and ΔE00 */
    private static function nearest(Lab $wished, Srgb $under, Srgb $ink, Tones $range): array
    {
        $model = new BesideEachOther($under, [new LaidInk($ink, 1.0, Hiding::WISHED)]);
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
