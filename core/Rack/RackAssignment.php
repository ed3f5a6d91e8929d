<?php

declare(strict_types=1);

namespace Ektype\Core\Rack;

use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Mesh\RankedMesh;
use Ektype\Core\Mesh\TensionTrend;
use Ektype\Core\Press\FilmPlacement;

/**
 * The best frames of the rack for the plates of a job: mesh, fit, state and age, with like tension. For every window of
 * tension that a frame opens, the cheapest set within it is found exactly, plate by plate over all sets of plates.
 */
final class RackAssignment
{
    /** Screens of a job differ by no more, N/cm (heuristic). */
    public const LIKE_TENSION = 3.0;
    private const NO_FRAME = 30.0;
    private const DOES_NOT_HOLD = 6.0;
    private const OVER_USUAL_FIT = 2.0;
    /** Work before a frame can be coated, in the same coin as a doubling of the mesh count (heuristic). */
    private const STATES = ['bare' => 0.0, 'coated' => -0.2, 'burned' => 0.5, 'to reclaim' => 0.5];
    /** A frame that the job holds already is kept unless another is clearly better (heuristic). */
    private const ITS_OWN = -0.3;
    private const A_HUNDRED_USES = 0.3;
    private const A_YEAR = 0.1;

    /**
     * @param list<RackPlate> $plates
     * @param list<RackFrame> $rack
     * @param string          $job    frames that it holds already are its own
     */
    public static function best(array $plates, array $rack, float $printWidthMm, float $printHeightMm, float $centreFromEndMm, string $job = ''): RackChoice
    {
        $free = array_values(array_filter($rack, static fn (RackFrame $f): bool => ($f->takenBy === '' || $f->takenBy === $job) && !\in_array($f->state, ['on press', 'to stretch'], true) && $f->tensionNPerCm >= TensionTrend::LIMIT
            && (new FilmPlacement($f->insideWidthMm, $f->insideHeightMm, $printWidthMm, $printHeightMm, min($centreFromEndMm, $f->insideHeightMm)))->used() <= FilmPlacement::USABLE_AT_MOST));
        /** @var list<list<array{float, RankedMesh}>> $costs by plate, then by frame */
        $costs = [];
        foreach ($plates as $plate) {
            $costs[] = array_map(static fn (RackFrame $f): array => self::cost($plate, $f, $printWidthMm, $printHeightMm, $centreFromEndMm, $job), $free);
        }
        $best = [\INF, []];
        foreach ($free === [] ? [new RackFrame('', MeshSuggestion::rank($plates[0]->asks)[0]->mesh, 1, 1, 0)] : $free as $lowest) {
            $window = array_keys(array_filter($free, static fn (RackFrame $f): bool => $f->tensionNPerCm >= $lowest->tensionNPerCm - 1e-9 && $f->tensionNPerCm <= $lowest->tensionNPerCm + self::LIKE_TENSION + 1e-9));
            $found = self::cheapest(\count($plates), $window, $costs);
            $best = $found[0] < $best[0] - 1e-9 ? $found : $best;
        }

        return self::described($plates, $free, $costs, $best[0], $best[1], \count($rack) - \count($free));
    }

    /** @return array{float, RankedMesh} */
    private static function cost(RackPlate $plate, RackFrame $f, float $width, float $height, float $fromEnd, string $job): array
    {
        $ranked = MeshSuggestion::rank($plate->asks, [$f->mesh])[0];
        $fit = new FilmPlacement($f->insideWidthMm, $f->insideHeightMm, $width, $height, min($fromEnd, $f->insideHeightMm));

        return [$ranked->cost + ($ranked->holds ? 0 : self::DOES_NOT_HOLD) + ($fit->fits() ? 0 : self::OVER_USUAL_FIT) + (self::STATES[$f->state] ?? 1.0) + ($job !== '' && $f->takenBy === $job ? self::ITS_OWN : 0.0) + self::A_HUNDRED_USES * $f->uses / 100 + self::A_YEAR * $f->ageDays / 365, $ranked];
    }

    /**
     * @param list<int>                            $frames
     * @param list<list<array{float, RankedMesh}>> $costs
     *
     * @return array{float, array<int, int>} cost, and frame by plate; a plate without a frame is left out
     */
    private static function cheapest(int $plates, array $frames, array $costs): array
    {
        // By the set of plates that have a frame: what it costs, and how.
        $sets = [0 => [0.0, []]];
        foreach ($frames as $frame) {
            $next = $sets;
            foreach ($sets as $set => [$cost, $chosen]) {
                for ($plate = 0; $plate < $plates; ++$plate) {
                    if (($set & 1 << $plate) !== 0) {
                        continue;
                    }
                    $with = $set | 1 << $plate;
                    $sum = $cost + $costs[$plate][$frame][0];
                    if (!isset($next[$with]) || $sum < $next[$with][0]) {
                        $next[$with] = [$sum, $chosen + [$plate => $frame]];
                    }
                }
            }
            $sets = $next;
        }
        $best = [\INF, []];
        foreach ($sets as $set => [$cost, $chosen]) {
            $cost += self::NO_FRAME * ($plates - substr_count(decbin($set), '1'));
            $best = $cost < $best[0] ? [$cost, $chosen] : $best;
        }

        return $best;
    }

    /** @return list<string> what must be done to a frame in this state before it can be burned */
    public static function first(string $state): array
    {
        return match ($state) {
            'bare' => ['degrease', 'coat'],
            'coated' => [],
            'to stretch' => ['stretch', 'degrease', 'coat'],
            default => ['reclaim', 'degrease', 'coat'],
        };
    }

    /**
     * @param list<RackPlate>                      $plates
     * @param list<RackFrame>                      $free
     * @param list<list<array{float, RankedMesh}>> $costs
     * @param array<int, int>                      $chosen
     */
    private static function described(array $plates, array $free, array $costs, float $cost, array $chosen, int $away): RackChoice
    {
        $rows = [];
        $missing = [];
        $tensions = [];
        foreach ($plates as $i => $plate) {
            if (!isset($chosen[$i])) {
                $mesh = MeshSuggestion::rank($plate->asks)[0]->mesh;
                $missing[] = \sprintf('No frame for %s: stretch one with %s (%.0f per inch), or free one%s.', $plate->name, $mesh->name(), $mesh->threadsPerInch(), $away > 0 ? \sprintf('; %d are taken, too small or too slack', $away) : '');
                $rows[] = ['plate' => $plate->name, 'frame' => null, 'why' => '', 'first' => []];
                continue;
            }
            $frame = $free[$chosen[$i]];
            $ranked = $costs[$i][$chosen[$i]][1];
            $tensions[] = $frame->tensionNPerCm;
            $rows[] = ['plate' => $plate->name, 'frame' => $frame->label, 'why' => $ranked->why, 'first' => self::first($frame->state)];
            if (!$ranked->holds) {
                $missing[] = \sprintf('%s on frame %s: %s', $plate->name, $frame->label, $ranked->why);
            }
        }

        return new RackChoice($rows, $tensions === [] ? 0.0 : max($tensions) - min($tensions), $cost, $missing);
    }
}
