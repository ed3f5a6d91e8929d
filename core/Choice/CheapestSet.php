<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** Frames for some of the plates, and what they cost together. */
final readonly class CheapestSet
{
    /** @param array<int, int> $frames by plate; a plate without a frame is left out */
    public function __construct(public float $cost, public array $frames)
    {
    }

    /**
     * The cheapest way to give each plate a frame of its own, or none at a price. Exact, by shortest augmenting paths:
     * plate after plate is taken in, and those before it move to other frames where that is cheaper (H. W. Kuhn’s method
     * with potentials, plates² × frames steps).
     *
     * @param list<int>               $frames that may be given
     * @param list<array<int, float>> $costs  by plate, then by frame
     * @param float                   $none   what a plate without a frame costs
     */
    public static function of(array $frames, array $costs, float $none): self
    {
        $plates = \count($costs);
        // Each plate may stay without: as many places that cost so much.
        $places = [...$frames, ...array_fill(0, $plates, -1)];
        $holder = array_fill(0, \count($places), -1);
        $ofPlate = array_fill(0, $plates, 0.0);
        $ofPlace = array_fill(0, \count($places), 0.0);
        for ($new = 0; $new < $plates; ++$new) {
            $least = array_fill(0, \count($places), \INF);
            $from = array_fill(0, \count($places), -1);
            $closed = [];
            $at = -1;
            do {
                $plate = $at < 0 ? $new : $holder[$at];
                [$step, $next] = [\INF, -1];
                foreach ($places as $place => $frame) {
                    if (isset($closed[$place])) {
                        continue;
                    }
                    $more = ($frame < 0 ? $none : $costs[$plate][$frame]) - $ofPlate[$plate] - $ofPlace[$place];
                    if ($more < $least[$place]) {
                        $least[$place] = $more;
                        $from[$place] = $at;
                    }
                    if ($least[$place] < $step) {
                        [$step, $next] = [$least[$place], $place];
                    }
                }
                $ofPlate[$new] += $step;
                foreach ($places as $place => $_) {
                    if (isset($closed[$place])) {
                        $ofPlate[$holder[$place]] += $step;
                        $ofPlace[$place] -= $step;
                    } else {
                        $least[$place] -= $step;
                    }
                }
                $closed[$next] = true;
                $at = $next;
            } while ($holder[$at] >= 0);
            // Back along the path: everybody on it moves one on.
            while ($at >= 0) {
                $before = $from[$at];
                $holder[$at] = $before < 0 ? $new : $holder[$before];
                $at = $before;
            }
        }
        $cost = 0.0;
        $given = [];
        foreach ($holder as $place => $plate) {
            if ($plate >= 0) {
                $cost += $places[$place] < 0 ? $none : $costs[$plate][$places[$place]];
                if ($places[$place] >= 0) {
                    $given[$plate] = $places[$place];
                }
            }
        }
        ksort($given);

        return new self($cost, $given);
    }
}
