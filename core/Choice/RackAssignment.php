<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Screen\Tension;

/**
 * The best frames of the rack for the plates of a job, of like tension. For every window of tension that a frame opens,
 * the cheapest set within it is found exactly, plate by plate over all sets of plates; what a frame costs a plate is
 * {@see FrameCost}.
 */
final class RackAssignment
{
    private const NO_FRAME = 30.0;

    /**
     * @param list<RackPlate> $plates
     * @param list<RackFrame> $rack
     * @param string          $job    frames that it holds already are its own
     */
    public static function best(array $plates, array $rack, PrintOnFrames $print, string $job = ''): RackChoice
    {
        /** @var list<array<int, FrameCost>> $costs by plate, then by frame of the rack */
        $costs = array_map(
            static fn (RackPlate $plate): array => array_map(
                static fn (RackFrame $f): FrameCost => FrameCost::of($plate->asks, $f, $print, $job),
                $rack,
            ),
            $plates,
        );
        $free = array_filter($rack, static fn (int $i): bool => ($costs[0][$i] ?? null)?->obstacles === [], \ARRAY_FILTER_USE_KEY);
        $best = new CheapestSet(self::NO_FRAME * \count($plates), []);
        foreach ($free as $lowest) {
            $window = array_keys(array_filter($free, static fn (RackFrame $f): bool => $f->tensionNPerCm >= $lowest->tensionNPerCm - 1e-9 && $f->tensionNPerCm <= $lowest->tensionNPerCm + Tension::LIKE + 1e-9));
            $found = self::cheapest(\count($plates), $window, $costs);
            $best = $found->cost < $best->cost - 1e-9 ? $found : $best;
        }

        return self::described($plates, $rack, $costs, $best, \count($rack) - \count($free));
    }

    /**
     * @param list<int>                   $frames
     * @param list<array<int, FrameCost>> $costs
     */
    private static function cheapest(int $plates, array $frames, array $costs): CheapestSet
    {
        // By the set of plates that have a frame: what it costs, and how.
        $sets = [0 => new CheapestSet(0.0, [])];
        foreach ($frames as $frame) {
            $next = $sets;
            foreach ($sets as $set => $so) {
                for ($plate = 0; $plate < $plates; ++$plate) {
                    if (($set & 1 << $plate) !== 0) {
                        continue;
                    }
                    $with = $set | 1 << $plate;
                    $sum = $so->cost + $costs[$plate][$frame]->cost;
                    if (!isset($next[$with]) || $sum < $next[$with]->cost) {
                        $next[$with] = new CheapestSet($sum, $so->frames + [$plate => $frame]);
                    }
                }
            }
            $sets = $next;
        }
        $best = new CheapestSet(\INF, []);
        foreach ($sets as $set => $so) {
            $cost = $so->cost + self::NO_FRAME * ($plates - substr_count(decbin($set), '1'));
            $best = $cost < $best->cost ? new CheapestSet($cost, $so->frames) : $best;
        }

        return $best;
    }

    /**
     * @param list<RackPlate>             $plates
     * @param list<RackFrame>             $rack
     * @param list<array<int, FrameCost>> $costs
     */
    private static function described(array $plates, array $rack, array $costs, CheapestSet $chosen, int $away): RackChoice
    {
        $rows = [];
        $missing = [];
        $tensions = [];
        foreach ($plates as $i => $plate) {
            if (!isset($chosen->frames[$i])) {
                $mesh = MeshSuggestion::rank($plate->asks)[0]->mesh;
                $missing[] = \sprintf(
                    'No frame for %s: stretch one with %s (%.0f per inch), or free one%s.',
                    $plate->name,
                    $mesh->name,
                    $mesh->threadsPerInch(),
                    $away > 0 ? \sprintf('; %d are taken, too small or too slack', $away) : '',
                );
                $rows[] = new RackRow($plate->name, null, '', []);
                continue;
            }
            $frame = $rack[$chosen->frames[$i]];
            $mesh = $costs[$i][$chosen->frames[$i]]->mesh;
            $tensions[] = $frame->tensionNPerCm;
            $rows[] = new RackRow($plate->name, $frame->label, $mesh->why, $frame->state->first());
            if (!$mesh->holds) {
                $missing[] = \sprintf('%s on frame %s: %s', $plate->name, $frame->label, $mesh->why);
            }
        }

        return new RackChoice($rows, $tensions === [] ? 0.0 : max($tensions) - min($tensions), $chosen->cost, $missing);
    }
}
