<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Screen\Tension;

/**
 * The best frames of the rack for the plates of a job, of like tension. For every window of tension that a frame opens,
 * the cheapest set within it is found exactly, {@see CheapestSet}; what a frame costs a plate is {@see FrameCost}.
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
        $sums = array_map(static fn (array $row): array => array_map(static fn (FrameCost $c): float => $c->cost, $row), $costs);
        $free = array_filter($rack, static fn (int $i): bool => ($costs[0][$i] ?? null)?->obstacles === [], \ARRAY_FILTER_USE_KEY);
        $best = new CheapestSet(self::NO_FRAME * \count($plates), []);
        foreach ($free as $lowest) {
            $window = array_keys(array_filter($free, static fn (RackFrame $f): bool => $f->tensionNPerCm >= $lowest->tensionNPerCm - 1e-9 && $f->tensionNPerCm <= $lowest->tensionNPerCm + Tension::LIKE + 1e-9));
            $found = CheapestSet::of($window, $sums, self::NO_FRAME);
            $best = $found->cost < $best->cost - 1e-9 ? $found : $best;
        }

        return self::described($plates, $rack, $costs, $best);
    }

    /**
     * @param list<RackPlate>             $plates
     * @param list<RackFrame>             $rack
     * @param list<array<int, FrameCost>> $costs
     */
    private static function described(array $plates, array $rack, array $costs, CheapestSet $chosen): RackChoice
    {
        $others = self::others($rack, $costs[0] ?? [], $chosen);
        $rows = [];
        $missing = [];
        $tensions = [];
        foreach ($plates as $i => $plate) {
            if (!isset($chosen->frames[$i])) {
                $mesh = MeshSuggestion::rank($plate->asks)[0]->mesh;
                $missing[] = \sprintf(
                    'No frame for %s: stretch one with %s (%.0f per inch), or free one.%s',
                    $plate->name,
                    $mesh->name,
                    $mesh->threadsPerInch(),
                    $others,
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

    /**
     * Why the frames that are left cannot be had.
     *
     * @param list<RackFrame>       $rack
     * @param array<int, FrameCost> $costs of any plate: what stands in the way of a frame is the same for all
     */
    private static function others(array $rack, array $costs, CheapestSet $chosen): string
    {
        $why = [];
        foreach ($rack as $i => $frame) {
            if (\in_array($i, $chosen->frames, true)) {
                continue;
            }
            $in = match (true) {
                $frame->takenBy !== '' && $costs[$i]->obstacles !== [] => 'taken',
                $costs[$i]->obstacles !== [] => $costs[$i]->obstacles[0],
                default => \sprintf('more than %.0f N/cm apart from those chosen', Tension::LIKE),
            };
            $why[$in] = ($why[$in] ?? 0) + 1;
        }

        return $why === [] ? '' : \sprintf(
            ' Of the other %s: %s.',
            array_sum($why) === 1 ? 'frame' : array_sum($why).' frames',
            implode(', ', array_map(static fn (string $in, int $many): string => "$many $in", array_keys($why), $why)),
        );
    }
}
