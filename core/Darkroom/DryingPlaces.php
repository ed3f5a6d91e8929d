<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** Which place of the drying rack each screen lies in, each time it dries: the lowest that is free. */
final class DryingPlaces
{
    /**
     * @return array<string, array<string, int>> screen => step (dry, redry) => place from 1 on
     */
    public static function of(Plan $plan): array
    {
        $drying = array_filter($plan->steps, static fn (PlannedStep $s): bool => \in_array($s->step, ['dry', 'redry'], true));
        usort(
            $drying,
            static fn (PlannedStep $a, PlannedStep $b): int => [
                $a->fromMin,
                $a->toMin,
                $a->screen,
            ] <=> [$b->fromMin, $b->toMin, $b->screen],
        );
        /** @var array<int, float> $freeFrom place => minute */
        $freeFrom = [];
        $places = [];
        foreach ($drying as $step) {
            $place = 1;
            while (($freeFrom[$place] ?? -\INF) > $step->fromMin + 1e-6) {
                ++$place;
            }
            $freeFrom[$place] = $step->toMin;
            $places[$step->screen][$step->step] = $place;
        }

        return $places;
    }
}
