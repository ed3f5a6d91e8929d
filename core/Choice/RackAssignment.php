<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Mesh\Mesh;
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
     * @param list<Mesh>|null $meshes that a frame could be stretched with; null takes the typical ones
     */
    public static function best(array $plates, array $rack, PrintOnFrames $print, string $job = '', ?array $meshes = null): RackChoice
    {
        /** @var list<array<int, FrameCost>> $costs by plate, then by frame of the rack */
        $costs = array_map(
            static function (RackPlate $plate) use ($rack, $print, $job): array {
                $judged = [];

                return array_map(static function (RackFrame $f) use ($plate, $print, $job, &$judged): FrameCost {
                    $cloth = \sprintf('%s %d %.2F %.2F', $f->mesh->name, (int) $f->mesh->dyed, $f->mesh->openingUm, $f->mesh->thicknessUm);
                    $judged[$cloth] ??= MeshSuggestion::judge($f->mesh, $plate->asks);

                    return FrameCost::of($plate->asks, $f, $print, $job, $judged[$cloth]);
                }, $rack);
            },
            $plates,
        );
        $sums = array_map(static fn (array $row): array => array_map(static fn (FrameCost $c): float => $c->cost, $row), $costs);
        $free = array_filter($rack, static fn (int $i): bool => ($costs[0][$i] ?? null)?->obstacles === [], \ARRAY_FILTER_USE_KEY);
        $best = new CheapestSet(self::NO_FRAME * \count($plates), []);
        foreach (self::windows($free) as $window) {
            // What each plate would pay alone is the least that they pay together.
            if (self::least($window, $sums) >= $best->cost - 1e-9) {
                continue;
            }
            $found = CheapestSet::of(self::inReach($window, $sums), $sums, self::NO_FRAME);
            $best = $found->cost < $best->cost - 1e-9 ? $found : $best;
        }

        return self::described($plates, $rack, $costs, $best, $meshes);
    }

    /**
     * The frames of like tension, for every tension that one of them has; a window within another is left out.
     *
     * @param array<int, RackFrame> $free by their place in the rack
     *
     * @return list<list<int>>
     */
    private static function windows(array $free): array
    {
        $at = array_map(static fn (RackFrame $f): float => $f->tensionNPerCm, $free);
        asort($at);
        $order = array_keys($at);
        $tensions = array_values($at);
        $windows = [];
        $to = 0;
        foreach ($tensions as $from => $lowest) {
            $was = $to;
            while ($to < \count($tensions) && $tensions[$to] <= $lowest + Tension::LIKE + 1e-9) {
                ++$to;
            }
            if ($to > $was) {
                $window = \array_slice($order, $from, $to - $from);
                sort($window);
                $windows[$order[$from]] = $window;
            }
        }
        // As they hang in the rack: of two that are alike the first is taken.
        ksort($windows);

        return array_values($windows);
    }

    /**
     * @param list<int>               $window
     * @param list<array<int, float>> $sums   by plate, then by frame
     */
    private static function least(array $window, array $sums): float
    {
        $least = 0.0;
        foreach ($sums as $row) {
            $own = self::NO_FRAME;
            foreach ($window as $frame) {
                $own = min($own, $row[$frame]);
            }
            $least += $own;
        }

        return $least;
    }

    /**
     * Of a window, the frames that can be in its cheapest set: of n plates none takes more than its n-th cheapest frame,
     * since one of those before it is free.
     *
     * @param list<int>               $window
     * @param list<array<int, float>> $sums   by plate, then by frame
     *
     * @return list<int>
     */
    private static function inReach(array $window, array $sums): array
    {
        $reach = [];
        foreach ($sums as $row) {
            $byCost = array_intersect_key($row, array_flip($window));
            asort($byCost);
            $reach += array_fill_keys(\array_slice(array_keys($byCost), 0, \count($sums)), true);
        }

        return array_keys($reach);
    }

    /**
     * @param list<RackPlate>             $plates
     * @param list<RackFrame>             $rack
     * @param list<array<int, FrameCost>> $costs
     * @param list<Mesh>|null             $meshes
     */
    private static function described(array $plates, array $rack, array $costs, CheapestSet $chosen, ?array $meshes): RackChoice
    {
        $others = self::others($rack, $costs[0] ?? [], $chosen);
        $rows = [];
        $missing = [];
        $tensions = [];
        foreach ($plates as $i => $plate) {
            $ideal = MeshSuggestion::rank($plate->asks, $meshes)[0];
            if (!isset($chosen->frames[$i])) {
                $missing[] = \sprintf(
                    'No frame for %s: stretch one with %s (%.0f per inch), or free one.%s',
                    $plate->name,
                    $ideal->mesh->name,
                    $ideal->mesh->threadsPerInch(),
                    $others,
                );
                $rows[] = new RackRow($plate->name, null, '', []);
                continue;
            }
            $frame = $rack[$chosen->frames[$i]];
            $mesh = $costs[$i][$chosen->frames[$i]]->mesh;
            $tensions[] = $frame->tensionNPerCm;
            $rows[] = new RackRow($plate->name, $frame->label, $mesh->why, $frame->state->first());
            $price = (new MeshAdvice($mesh, $frame->label, false, $ideal))->price();
            if ($price !== '') {
                $missing[] = \sprintf('%s on frame %s. %s', $plate->name, $frame->label, $price);
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
            $why[] = $costs[$i]->obstacles === []
                ? \sprintf('more than %.0f N/cm apart from those chosen', Tension::LIKE)
                : LeftOut::reason($frame->takenBy, $costs[$i]->obstacles);
        }

        return $why === [] ? '' : ' '.LeftOut::says($why);
    }
}
