<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\RoomAsked;
use Ektype\App\Console\Asked\ScreenAsked;
use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Darkroom\PlannedStep;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<RoomAsked> */
#[AsCommand('darkroom:plan', 'A sequence of coating, drying, burning and washing that meets the due times (JSON in, JSON out)')]
final class PlanDarkroom extends JsonCommand
{
    private const OPENS_H = 8.0;
    private const CLOSES_H = 18.0;

    protected function reads(): string
    {
        return RoomAsked::class;
    }

    protected function answer(object $asked): array
    {
        $opens = $asked->openH->xMm ?? self::OPENS_H;
        $room = new Darkroom(
            $asked->dryingPlaces,
            60 * $opens,
            60 * ($asked->openH->yMm ?? self::CLOSES_H),
            60 * ($asked->startsH ?? $opens),
            $asked->hands,
        );
        $screens = self::screens($asked->screens);
        $plan = Planner::plan($screens, $room);

        return [
            'sequence' => array_map(static fn (ScreenWork $s): string => $s->name, $plan->order),
            'steps' => array_map(
                static fn (PlannedStep $s): array => [
                    'screen' => $s->screen,
                    'step' => $s->step,
                    'from_min' => round($s->fromMin, 2),
                    'to_min' => round($s->toMin, 2),
                ],
                $plan->steps,
            ),
            'late_min' => (object) array_map(static fn (float $late): float => round($late, 2), $plan->late),
            'lateness_min' => round($plan->lateness, 2),
            'first_come_lateness_min' => round(Timetable::of($screens, $room)->lateness, 2),
            'ends_min' => round($plan->endsMin, 2),
            'why' => \sprintf('The sequence with the least lateness that was found: screens by their due time, then moved one by one as long as that helps. Times are those that were told; %d drying %s, %d %s of hands.', $asked->dryingPlaces, $asked->dryingPlaces === 1 ? 'place' : 'places', $asked->hands, $asked->hands === 1 ? 'pair' : 'pairs'),
        ];
    }

    /**
     * @param list<ScreenAsked> $asked
     *
     * @return list<ScreenWork>
     */
    private static function screens(array $asked): array
    {
        $screens = [];
        foreach ($asked as $i => $screen) {
            if (isset($screens[$screen->name])) {
                throw UnreadableRequest::at(
                    \sprintf('screens[%d].name', $i),
                    \sprintf('Two screens are called “%s”. Give each its own name.', $screen->name),
                );
            }
            if ($screen->dueMin < $screen->readyMin) {
                throw UnreadableRequest::at(
                    \sprintf('screens[%d].due_min', $i),
                    \sprintf(
                        '%s is due before it can begin (%.0f min, ready at %.0f). Check the dates.',
                        $screen->name,
                        $screen->dueMin,
                        $screen->readyMin,
                    ),
                );
            }
            $screens[$screen->name] = $screen->work();
        }

        return array_values($screens);
    }
}
