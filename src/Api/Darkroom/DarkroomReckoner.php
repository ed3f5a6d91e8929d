<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\CoatView;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\StencilReckoner;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Darkroom\DryingPlaces;
use Ektype\Core\Darkroom\PlannedStep;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;
use Ektype\Core\Rack\RackAssignment;
use Ektype\Core\Unit\Refusal;

/** Plans every screen of the open jobs that is not burned yet. */
final readonly class DarkroomReckoner
{
    /** Minutes of handling (heuristic): coating, placing and burning beside the light, washing out, taping. */
    private const COAT = 6.0;
    private const BURN_HANDLING = 2.0;
    private const WASH = 8.0;
    private const TAPE = 4.0;
    /** Water leaves faster than emulsion dries through (heuristic). */
    private const REDRY_SHARE = 0.4;
    private const MOST = 60;

    public function __construct(private EntityManagerInterface $entities, private JobReckoner $reckoner)
    {
    }

    /**
     * @param list<int> $order plates in the order that the printer chose; empty lets the plan choose
     *
     * @throws Refusal where the order does not name the screens
     */
    public function plan(\DateTimeImmutable $now, array $order = []): DarkroomView
    {
        $starts = 60.0 * (int) $now->format('G') + (int) $now->format('i');
        $stencils = StencilReckoner::of($this->entities, $now);
        $ours = $stencils->room;
        $room = $ours->room($starts);
        [$screens, $named, $coats] = $this->screens($now, $stencils);
        $firstCome = Timetable::of($screens, $room);
        if ($order === []) {
            $plan = Planner::plan($screens, $room);
            $chosenByPlan = $plan;
        } else {
            $chosenByPlan = Planner::plan($screens, $room);
            $chosen = [];
            foreach ($order as $id) {
                $chosen[] = $named[$id] ?? throw Refusal::at('order', 'The order names a screen that is not to be made, so nothing was planned. Open the plan anew.');
            }
            if (\count(array_unique($order)) !== \count($screens)) {
                throw Refusal::at('order', 'The order must name every screen once. Open the plan anew.');
            }
            $plan = Timetable::of($chosen, $room);
        }
        $steps = [];
        foreach ($plan->steps as $step) {
            $steps[$step->screen][] = $step;
        }
        $places = DryingPlaces::of($plan);
        $rows = [];
        foreach ($plan->order as $screen) {
            $plate = $this->entities->find(Plate::class, (int) $screen->name);
            if ($plate !== null) {
                $rows[] = new PlannedScreenView(
                    (int) $screen->name,
                    $plate->job->idOrFail(),
                    $plate->job->name,
                    $plate->name,
                    $plate->ink->hex ?? $plate->hex,
                    $plate->frame->label ?? '',
                    $screen->lamp,
                    $screen->dueMin,
                    $plan->late[$screen->name] ?? 0.0,
                    array_map(static fn (PlannedStep $s): PlannedStepView => new PlannedStepView($s->step, round($s->fromMin, 1), round($s->toMin, 1), $places[$s->screen][$s->step] ?? null), array_values(array_filter($steps[$screen->name] ?? [], static fn (PlannedStep $s): bool => $s->toMin > $s->fromMin + 1e-9))),
                    $plate->frame?->id,
                    $plate->frame->rackPlace ?? '',
                    $plate->frame === null ? [] : ($coats[$plate->idOrFail()] === null ? [] : array_values(array_diff(RackAssignment::first($plate->frame->state), ['coat', 'degrease']))),
                    $coats[$plate->idOrFail()]->words ?? '',
                    $coats[$plate->idOrFail()]->emulsion ?? '',
                    $coats[$plate->idOrFail()]->emulsionMl->value ?? 0.0,
                    $chosenByPlan->late[$screen->name] ?? 0.0,
                );
            }
        }

        return new DarkroomView($now->format('Y-m-d\TH:i'), $starts, $ours->opensMin, $ours->closesMin, $rows, $plan->lateness, $firstCome->lateness, $plan->endsMin, $order !== [], $chosenByPlan->lateness, RoomView::of($ours));
    }

    /** @return array{list<ScreenWork>, array<int, ScreenWork>, array<int, CoatView|null>} as the jobs came in, by plate, and how each is to be coated; null where it is */
    private function screens(\DateTimeImmutable $now, StencilReckoner $stencils): array
    {
        $screens = [];
        $named = [];
        $coats = [];
        foreach ($this->entities->getRepository(Job::class)->findBy([], ['id' => 'ASC']) as $job) {
            $open = array_filter($job->platesInOrder(), static fn (Plate $p): bool => $p->burnedSeconds === null);
            if ($open === [] || \count($screens) >= self::MOST) {
                continue;
            }
            $view = $this->reckoner->view($job);
            $opens = \sprintf('%02d:%02d', intdiv($stencils->room->opensMin, 60), $stencils->room->opensMin % 60);
            $due = $job->dueOn === null ? 14 * 1440.0 : max(0.0, ((new \DateTimeImmutable($job->dueOn.' '.$opens))->getTimestamp() - $now->getTimestamp()) / 60);
            foreach ($open as $plate) {
                $told = $view->plates[$plate->position];
                $coated = $told->stencilNow !== null && $told->stencilNow->burnedSeconds === null ? $told->stencilNow : null;
                $dry = 60 * ($told->coat->dryHours->value ?? 2.0);
                $screen = new ScreenWork((string) $plate->idOrFail(), $job->name, $job->lamp->name ?? 'lamp', $coated === null ? self::COAT : 0.0, $coated === null ? $dry : $coated->dampForMin, self::BURN_HANDLING + ($told->light->value ?? 60) / 60, self::WASH, self::REDRY_SHARE * $dry, self::TAPE, $due);
                $screens[] = $screen;
                $named[$plate->idOrFail()] = $screen;
                $coats[$plate->idOrFail()] = $coated === null ? $told->coat : null;
            }
        }

        return [$screens, $named, $coats];
    }
}
