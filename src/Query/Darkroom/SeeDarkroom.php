<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Turn;
use Ektype\App\Work\Kept;
use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Darkroom\DryingPlaces;
use Ektype\Core\Darkroom\Handling;
use Ektype\Core\Darkroom\ImpossibleRoom;
use Ektype\Core\Darkroom\Plan;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;

/** Plans every screen of the open jobs that is not burned yet. */
final readonly class SeeDarkroom
{
    private const MOST = 60;
    /** So many jobs are looked at at a time until there are enough screens. */
    private const JOBS = 25;

    public function __construct(private Moment $moment, private Turn $turn, private Kept $kept)
    {
    }

    /**
     * @param list<int> $order plates in the order that the printer chose; empty lets the plan choose
     *
     * @throws ImpossibleRoom where the order does not name the screens
     */
    public function plan(array $order = []): RoomPlan
    {
        return $this->moment->see(fn (Snapshot $shop): RoomPlan => $this->kept->of(
            'dark-room',
            // A plan begins with the minute and rests on all that the shop holds.
            implode(' ', [$this->turn->now(), $shop->now->format('Y-m-d H:i P'), ...$order]),
            RoomPlan::class,
            static fn (): RoomPlan => self::planned($shop, $order),
        ));
    }

    /** @param list<int> $order */
    private static function planned(Snapshot $shop, array $order): RoomPlan
    {
        $starts = 60.0 * (int) $shop->now->format('G') + (int) $shop->now->format('i');
        $room = $shop->room()->room($starts);
        [$toMake, $left] = self::toMake($shop);
        [$seen, $cannot] = self::possible($toMake, $room);
        $work = array_map(static fn (ScreenToMake $s): ScreenWork => $s->work, array_values($seen));
        $best = Planner::plan($work, $room);
        $plan = $order === [] ? $best : Timetable::of(self::ordered($order, $seen), $room);

        return new RoomPlan(
            starts: $shop->now->format('Y-m-d\TH:i'),
            startsMin: $starts,
            opensMin: $room->opensMin,
            closesMin: $room->closesMin,
            screens: self::screens($plan, $best, $seen),
            late: new LateInAll(
                latenessMin: $plan->lateness,
                firstComeLatenessMin: Timetable::of($work, $room)->lateness,
                bestLatenessMin: $best->lateness,
            ),
            endsMin: $plan->endsMin,
            byHand: $order !== [],
            left: $left,
            room: Room::of($shop->room()),
            cannot: $cannot,
        );
    }

    /**
     * @param array<int, ScreenToMake> $toMake
     *
     * @return array{array<int, ScreenToMake>, list<string>} what the room can make, and why it cannot make the others
     */
    private static function possible(array $toMake, Darkroom $room): array
    {
        $cannot = [];
        foreach ($toMake as $id => $screen) {
            $why = $room->cannot($screen->work);
            if ($why !== '') {
                $cannot[] = $screen->plate->name.' of '.$screen->plate->job->name.substr($why, \strlen($screen->work->name));
                unset($toMake[$id]);
            }
        }

        return [$toMake, $cannot];
    }

    /**
     * Of the screens that are not burned yet, as many as a plan can hold: those that are due first.
     *
     * @return array{array<int, ScreenToMake>, int} by plate, as the jobs came in, and how many more there are
     */
    private static function toMake(Snapshot $shop): array
    {
        $taken = [];
        $count = 0;
        for ($from = 0; $count < self::MOST; $from += self::JOBS) {
            $jobs = $shop->shelves->jobs->dueFirst($from, self::JOBS);
            foreach ($jobs as $job) {
                $plates = array_keys(array_filter($job->platesInOrder(), static fn (Plate $p): bool => $shop->burnedSeconds($p) === null));
                $taken[$job->idOrFail()] = [$job, \array_slice($plates, 0, self::MOST - $count)];
                $count = min(self::MOST, $count + \count($plates));
            }
            if (\count($jobs) < self::JOBS) {
                break;
            }
        }
        ksort($taken);
        $toMake = [];
        foreach ($taken as [$job, $plates]) {
            $book = new ScreenBook($job, $shop);
            foreach ($plates as $i) {
                $toMake[$book->plates[$i]->idOrFail()] = self::screen($book, $i, $shop);
            }
        }

        return [$toMake, $count < self::MOST ? 0 : max(0, $shop->shelves->plates->unburned() - $count)];
    }

    private static function screen(ScreenBook $book, int $i, Snapshot $shop): ScreenToMake
    {
        $plate = $book->plates[$i];
        $on = $shop->stencilOf($plate);
        $coat = $shop->stencilBook()->coat($plate, $book->mesh($i));
        $dry = 60 * ($coat->dryHours->value > 0 ? $coat->dryHours->value : Handling::USUAL_DRY_MIN / 60);
        $light = $book->lightFigure($i)->value ?? Handling::USUAL_LIGHT_S;

        return new ScreenToMake($plate, new ScreenWork(
            (string) $plate->idOrFail(),
            $book->job->name,
            $book->job->lamp->name ?? 'lamp',
            $on === null ? Handling::COAT : 0.0,
            $on === null ? $dry : $shop->stencilBook()->now($on)->dampForMin,
            Handling::BURN + $light / 60,
            washMin: Handling::WASH,
            redryMin: Handling::REDRY_SHARE * $dry,
            tapeMin: Handling::TAPE,
            dueMin: self::dueMin($book->job, $shop),
        ), $on === null ? $coat : null);
    }

    /** Minutes from now until the room opens on the day on which the job is due. */
    private static function dueMin(Job $job, Snapshot $shop): float
    {
        if ($job->dueOn === null) {
            return Handling::USUAL_DUE_DAYS * 1440.0;
        }
        $opens = new \DateTimeImmutable(
            \sprintf('%s %02d:%02d', $job->dueOn, intdiv($shop->room()->opensMin, 60), $shop->room()->opensMin % 60),
        );

        return max(0.0, ($opens->getTimestamp() - $shop->now->getTimestamp()) / 60);
    }

    /**
     * @param list<int>                $order
     * @param array<int, ScreenToMake> $screens
     *
     * @return list<ScreenWork>
     */
    private static function ordered(array $order, array $screens): array
    {
        $chosen = [];
        foreach ($order as $id) {
            $chosen[] = ($screens[$id] ?? throw ImpossibleRoom::at(
                'order',
                'The order names a screen that is not to be made, so nothing was planned. Open the plan anew.',
            ))->work;
        }
        if (\count(array_unique($order)) !== \count($order) || \count($order) !== \count($screens)) {
            throw ImpossibleRoom::at('order', 'The order must name every screen once. Open the plan anew.');
        }

        return $chosen;
    }

    /**
     * @param array<int, ScreenToMake> $toMake
     *
     * @return list<ScreenInRoom>
     */
    private static function screens(Plan $plan, Plan $best, array $toMake): array
    {
        $places = DryingPlaces::of($plan);
        $steps = [];
        foreach ($plan->steps as $step) {
            if ($step->toMin > $step->fromMin + 1e-9) {
                $steps[$step->screen][] = new StepInRoom(
                    $step->step,
                    round($step->fromMin, 1),
                    round($step->toMin, 1),
                    $places[$step->screen][$step->step] ?? null,
                );
            }
        }

        return array_map(static function (ScreenWork $work) use ($plan, $best, $toMake, $steps): ScreenInRoom {
            $plate = $toMake[(int) $work->name]->plate;
            $coat = $toMake[(int) $work->name]->coat;

            return new ScreenInRoom(
                plateOf: new PlateInRoom(
                    plateId: $plate->idOrFail(),
                    jobId: $plate->job->idOrFail(),
                    job: $plate->job->name,
                    plate: $plate->name,
                    hex: $plate->printedIn()->hex(),
                ),
                frameOf: new FrameInRoom(
                    frameId: $plate->frame?->id,
                    frame: $plate->frame->label ?? '',
                    rackPlace: $plate->frame->rackPlace ?? '',
                    first: $coat === null ? [] : array_values(array_diff($plate->frame?->state->first() ?? [], ['coat', 'degrease'])),
                ),
                stencil: new StencilInRoom(
                    coat: $coat->laid->words ?? '',
                    emulsion: $coat->emulsion ?? '',
                    emulsionMl: $coat->emulsionMl->value ?? 0.0,
                    lamp: $work->lamp,
                ),
                late: new Lateness($work->dueMin, $plan->late[$work->name] ?? 0.0, $best->late[$work->name] ?? 0.0),
                steps: $steps[$work->name] ?? [],
            );
        }, $plan->order);
    }
}
