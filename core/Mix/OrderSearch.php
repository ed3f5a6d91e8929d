<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Separation\GivenInk;

/** The order of the colours by what the print looks like: the schools, and the best that moving one ink at a time finds. */
final class OrderSearch
{
    /** An order is better from so much of the mean ΔE00: less is nothing that is seen. */
    private const BETTER = 0.02;
    /** So many colours of the picture are enough to tell orders apart. */
    private const COLOURS = 70;
    private const ROUNDS = 4;

    /**
     * @param array<int, GivenInk>                              $colours by their number on the shelf
     * @param \Closure(OrderSchool, list<GivenInk>): MixRequest $request the print in an order
     *
     * @return non-empty-list<TriedOrder> the nearest first
     */
    public static function of(array $colours, PictureColours $picture, \Closure $request, bool $hasHighlight = false): array
    {
        $picture = $picture->first(self::COLOURS);
        $tried = [];
        foreach ([OrderSchool::LightToDark, OrderSchool::DarkToLight, OrderSchool::DarkFirst, ...$hasHighlight ? [OrderSchool::BlackLast] : []] as $school) {
            $mix = $request($school, array_values($colours));
            $tried[] = new TriedOrder($school, self::numbers($school->of(array_values($colours)), $colours), FreeMix::off($mix->layered(), $picture, $mix->terms));
        }
        usort($tried, static fn (TriedOrder $a, TriedOrder $b): int => $a->deltaE <=> $b->deltaE);
        $found = self::moved($tried[0], $colours, $picture, $request);
        if ($found->deltaE < $tried[0]->deltaE - self::BETTER) {
            array_unshift($tried, $found);
        }

        return $tried;
    }

    /**
     * @param list<GivenInk>       $inks
     * @param array<int, GivenInk> $colours
     *
     * @return list<int>
     */
    private static function numbers(array $inks, array $colours): array
    {
        $named = array_map(static fn (GivenInk $ink): string => $ink->key(), $colours);

        return array_map(static fn (GivenInk $ink): int => (int) array_search($ink->key(), $named, true), $inks);
    }

    /**
     * @param array<int, GivenInk>                              $colours
     * @param \Closure(OrderSchool, list<GivenInk>): MixRequest $request
     */
    private static function moved(TriedOrder $from, array $colours, PictureColours $picture, \Closure $request): TriedOrder
    {
        $best = new TriedOrder(OrderSchool::AsListed, $from->inks, $from->deltaE);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $best;
            for ($i = 0, $n = \count($before->inks); $i + 1 < $n; ++$i) {
                $order = $before->inks;
                [$order[$i], $order[$i + 1]] = [$order[$i + 1], $order[$i]];
                $order = array_values($order);
                $mix = $request(OrderSchool::AsListed, array_map(static fn (int $number): GivenInk => $colours[$number], $order));
                $off = FreeMix::off($mix->layered(), $picture, $mix->terms);
                if ($off < $best->deltaE - self::BETTER / 4) {
                    $best = new TriedOrder(OrderSchool::AsListed, $order, $off);
                }
            }
            if ($best === $before) {
                break;
            }
        }

        return $best;
    }
}
