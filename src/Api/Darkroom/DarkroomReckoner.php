<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Darkroom\PlannedStep;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Stencil\Coating;
use Ektype\Core\Stencil\Drying;
use Ektype\Core\Stencil\StencilModel;
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
    private const DRYING_PLACES = 8;
    /** The air taken until the shop's probe tells (heuristic). */
    private const AIR = [24.0, 45.0, 0.5];
    private const SOLIDS = 38.0;
    private const OPENS_H = 8;
    private const CLOSES_H = 18;
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
        $room = new Darkroom(self::DRYING_PLACES, 60 * self::OPENS_H, 60 * self::CLOSES_H, $starts);
        [$screens, $named] = $this->screens($now);
        $firstCome = Timetable::of($screens, $room);
        if ($order === []) {
            $plan = Planner::plan($screens, $room);
        } else {
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
                    array_map(static fn (PlannedStep $s): PlannedStepView => new PlannedStepView($s->step, round($s->fromMin, 1), round($s->toMin, 1)), $steps[$screen->name] ?? []),
                );
            }
        }
        [$temperature, $humidity] = self::AIR;

        return new DarkroomView($now->format('Y-m-d\TH:i'), $starts, 60.0 * self::OPENS_H, 60.0 * self::CLOSES_H, self::DRYING_PLACES, $temperature, $humidity, $rows, $plan->lateness, $firstCome->lateness, $plan->endsMin, $order !== []);
    }

    /** @return array{list<ScreenWork>, array<int, ScreenWork>} as the jobs came in, and by plate */
    private function screens(\DateTimeImmutable $now): array
    {
        $screens = [];
        $named = [];
        foreach ($this->entities->getRepository(Job::class)->findBy([], ['id' => 'ASC']) as $job) {
            $open = array_filter($job->platesInOrder(), static fn (Plate $p): bool => $p->burnedSeconds === null);
            if ($open === [] || \count($screens) >= self::MOST) {
                continue;
            }
            $view = $this->reckoner->view($job);
            $due = $job->dueOn === null ? 14 * 1440.0 : max(0.0, ((new \DateTimeImmutable($job->dueOn.' 0'.self::OPENS_H.':00'))->getTimestamp() - $now->getTimestamp()) / 60);
            foreach ($open as $plate) {
                $told = $view->plates[$plate->position];
                $mesh = new Mesh($told->meshGeometry->threadsPerCm, $told->meshGeometry->threadUm);
                $coating = StencilModel::recipe(new Coating($mesh, Coating::edgeFor($mesh), 1, 1, self::SOLIDS));
                $dry = 60 * Drying::hours(StencilModel::built($coating) / (self::SOLIDS / 100) + $mesh->volumeCm3M2, ...self::AIR);
                $screen = new ScreenWork((string) $plate->idOrFail(), $job->name, $job->lamp->name ?? 'lamp', self::COAT, $dry, self::BURN_HANDLING + ($told->light->value ?? 60) / 60, self::WASH, self::REDRY_SHARE * $dry, self::TAPE, $due);
                $screens[] = $screen;
                $named[$plate->idOrFail()] = $screen;
            }
        }

        return [$screens, $named];
    }
}
