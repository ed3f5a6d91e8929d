<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Plate\Substrate;

/**
 * How fast the belt goes: the shortest time in the tunnel after which the film is cured through, its water gone first, with a
 * share to spare; and what the cloth says to that.
 */
final readonly class CurePlan
{
    /** So much longer than the time that just cures (heuristic: doors open, belts fill). */
    public const TO_SPARE = 1.15;
    private const LONGEST_S = 900.0;
    /** Shirts come out a few degrees unlike each other across the belt: the peak is wanted so far over the least, °C (heuristic). */
    private const OVER_C = 4.0;

    /**
     * @param float        $dwellS in the tunnel
     * @param float        $anHour garments on the belt
     * @param list<string> $says   what is wrong and what to do; empty where it cures
     */
    private function __construct(public float $dwellS, public float $beltMMin, public CureCurve $curve, public CureNeed $need, public float $anHour, public HeatLimit $limit, public bool $cures, public array $says)
    {
    }

    /**
     * @param float          $filmUm the thickest film of ink as it stands
     * @param list<WearTest> $tests  of this shop, which move what its cloth bears
     *
     * @throws ImpossibleCure where there is no film
     */
    public static function of(Dryer $dryer, float $filmUm, Substrate $cloth, CureNeed $need, bool $trims = false, float $damp = 1.0, array $tests = []): self
    {
        if ($filmUm <= 0) {
            throw ImpossibleCure::at('film', 'There is no film of ink to cure. Give its thickness.');
        }
        $under = Underlay::of($cloth)->holding($damp);
        $limit = CureLearned::limit(HeatLimit::of($cloth, $trims), $cloth, $tests);
        $least = CureCurve::until($dryer, $filmUm, $under, $need, self::OVER_C, self::LONGEST_S);
        $says = [];
        $dwell = $least === null ? $dryer->dwellS($dryer->slowestMMin) : self::TO_SPARE * $least;
        $belt = $dryer->beltMMin($dwell);
        if ($least === null || $belt < $dryer->slowestMMin - 1e-9) {
            $says[] = $least === null
                ? \sprintf('This tunnel never cures it: the film comes to %.0f °C, and %.0f °C through it are needed for %.0f s. Raise the air or lower the panels.', CureCurve::of($dryer, $filmUm, $under, $need, self::LONGEST_S)->peakC, $need->leastC, $need->holdS)
                : \sprintf('It needs %.0f s in the tunnel and the slowest belt gives %.0f s. Raise the air, send it through twice, or print a thinner film.', $dwell, $dryer->dwellS($dryer->slowestMMin));
            $belt = $dryer->slowestMMin;
        } elseif ($belt > $dryer->fastestMMin) {
            $belt = $dryer->fastestMMin;
        }
        $dwell = $dryer->dwellS($belt);
        $curve = CureCurve::of($dryer, $filmUm, $under, $need, $dwell);
        $cures = $least !== null && $dwell >= $least - TunnelHeat::STEP_S;
        if ($curve->wet) {
            $says[] = 'It leaves the tunnel wet: no ink cures while its water goes. Dry it slower, or send it through twice.';
        }
        if ($curve->surfaceC > $limit->celsius) {
            $says[] = \sprintf('Its surface comes to %.0f °C and %.0f °C is what this garment bears. %s', $curve->surfaceC, $limit->celsius, $limit->says);
        }
        if ($curve->peakC > $need->mostC) {
            $says[] = \sprintf('The film comes to %.0f °C: above %.0f °C it goes brittle. Lower the air, or a faster belt.', $curve->peakC, $need->mostC);
        }

        return new self($dwell, $belt, $curve, $need, anHour: $dryer->anHour($belt), limit: $limit, cures: $cures && $curve->surfaceC <= $limit->celsius && $curve->peakC <= $need->mostC, says: $says);
    }
}
