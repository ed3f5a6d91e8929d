<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Task\TaskState;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\NearCloth;
use Ektype\Core\Press\Heads;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Unit\Sign;

/** The head of a job, every figure reckoned anew from what is stored. */
final readonly class SeeJob
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): JobHead
    {
        return $this->moment->see(static fn (Snapshot $shop): JobHead => self::head($shop->shelves->jobs->whole($jobId), $shop));
    }

    /** Tells heads apart without reckoning them: the turn of the shop, the task, and the minute, since stencils dry. */
    public function tag(int $jobId): string
    {
        return $this->moment->see(static fn (Snapshot $shop): string => substr(hash('sha256', serialize([
            $jobId,
            $shop->shelves->turn->now(),
            $shop->shelves->tasks->standingOf($jobId),
            $shop->now->format('Y-m-d H:i'),
            self::missing($shop->shelves->jobs->get($jobId), $shop),
        ])), 0, 20));
    }

    /** @return array{list<string>, list<string>} files of its plates and of its films that are not as they were written */
    private static function missing(Job $job, Snapshot $shop): array
    {
        return [$shop->shelves->sums->missing($job->separationPath), $shop->shelves->sums->missing($job->filmsPath)];
    }

    /** Before anything else: what was lost on the disk is made anew. */
    private static function damage(Job $job, Snapshot $shop, ?Task $task): ?NextStep
    {
        [$plates, $films] = self::missing($job, $shop);

        return match (true) {
            $task !== null && $task->state->isOpen() => null,
            $plates !== [] => new NextStep('art', \sprintf('Files of the plates are missing or cut short (%s). Draw them again: nothing that you decided is lost.', self::told($plates)), 'Separate again', Does::Separate),
            $films !== [] => new NextStep('films', \sprintf('Files of the films are missing or cut short (%s). Print none of them; write them again.', self::told($films)), 'Write them again', Does::Films),
            default => null,
        };
    }

    /** @param list<string> $names */
    private static function told(array $names): string
    {
        return \count($names) > 3 ? \sprintf('%d files', \count($names)) : implode(', ', $names);
    }

    /** The figures of a plate’s strip, with all that “Why?” opens. */
    public function why(int $plateId): StripFigures
    {
        return $this->moment->see(static function (Snapshot $shop) use ($plateId): StripFigures {
            $plate = $shop->shelves->plates->get($plateId);
            $book = new ScreenBook($shop->shelves->jobs->whole($plate->job->idOrFail()), $shop);
            $i = (int) array_search($plate, $book->plates, true);

            return new StripFigures($book->meshFigure($i), $book->stencilFigure($i), $book->lightFigure($i), $book->offContactFigure($i));
        });
    }

    private static function head(Job $job, Snapshot $shop): JobHead
    {
        $book = new ScreenBook($job, $shop);
        $register = new RegisterBook($job);
        $steps = $book->steps();
        $standing = array_map(
            static fn (Plate $p, int $i): PlateStanding => self::standing($p, $i, $book, $register, $shop),
            $book->plates,
            array_keys($book->plates),
        );
        $task = $shop->shelves->tasks->latestOf($job);

        return new JobHead(
            id: $job->idOrFail(),
            turn: $shop->shelves->turn->now(),
            name: $job->name,
            order: new OrderOfJob(
                customer: $job->customer,
                quantity: $job->quantity,
                care: $job->care,
                dueOn: $job->dueOn,
                finishedOn: $job->finishedOn,
                lines: $job->lines(),
                againOf: $job->againOf,
                since: SinceLast::says($job, $standing, $shop),
            ),
            on: new GarmentOfJob(
                substrate: $job->substrate,
                garment: $job->garment,
                garmentName: $job->garmentName,
                garmentHex: $job->garmentHex,
                cloth: $job->cloth(),
            ),
            size: new SizeOfJob(
                widthMm: $job->widthMm,
                heightMm: $job->heightMm(),
                acrossMm: $job->acrossMm,
                dropMm: $job->dropMm,
                place: $job->place,
                toleranceMm: $job->toleranceMm,
            ),
            tools: new ToolsOfJob(
                pressId: $job->press?->id,
                lampId: $job->lamp?->id,
                emulsionId: $job->emulsion?->id,
                pressMind: $job->press === null ? '' : Heads::missing(\count($steps), $job->press->kind->way()->carriesAll(), $job->press->heads, $job->press->name),
            ),
            stands: new StandingOfJob(
                separated: $job->separationPath !== null,
                separationCurrent: $job->separationIsCurrent(),
                filmsWritten: $job->filmsPath !== null,
                filmsCurrent: $job->filmsAreCurrent(),
                pullKey: $job->pullKey(),
            ),
            plates: array_map(
                static fn (PlateStanding $s, PrintStep $step, int $i): Strip => self::strip($s, $step, $book, $i),
                $standing,
                $steps,
                array_keys($standing),
            ),
            now: new NowOfJob(
                next: self::damage($job, $shop, $task) ?? WhatNext::of($job, $standing, $task),
                task: $task === null || $task->state === TaskState::Done ? null : JobTask::of($task),
                minds: [...WhatIsOld::of($job, $standing), ...self::faint($job)],
            ),
            notes: $job->notes,
        );
    }

    private static function standing(Plate $plate, int $i, ScreenBook $book, RegisterBook $register, Snapshot $shop): PlateStanding
    {
        $on = $shop->stencilOf($plate);

        return new PlateStanding(
            $plate,
            $book->unsuited($i),
            $book->first($plate),
            $on === null ? null : $shop->stencilBook()->now($on),
            $on?->burnedSeconds(),
            $on?->seen(),
            light: $book->lightFigure($i),
            register: $plate->wasReadOfAnother() ? null : $register->of($plate),
            coatWords: $shop->stencilBook()->recipe($book->mesh($i), $book->job->emulsion)->words(),
            oldPicture: $on?->carriesOldPicture() === true,
        );
    }

    /**
     * Inks that hardly show on the cloth, while nothing is made yet.
     *
     * @return list<Minded>
     */
    private static function faint(Job $job): array
    {
        $cloth = Lab::of(Srgb::fromHex($job->garmentHex));
        $says = [];
        foreach ($job->platesInOrder() as $plate) {
            $says[] = $plate->isWhiteBase() || $plate->printsTones() ? '' : NearCloth::says($plate->name, Lab::of($plate->printedIn()), $job->cloth(), $cloth);
        }
        $said = trim(implode(' ', array_filter($says, static fn (string $one): bool => $one !== '')));

        return $said === '' ? [] : array_map(static fn (string $stage): Minded => new Minded($stage, $said), ['art', 'plates', 'films']);
    }

    private static function strip(PlateStanding $s, PrintStep $step, ScreenBook $book, int $i): Strip
    {
        $plate = $s->plate;

        return new Strip(
            id: $plate->idOrFail(),
            position: $plate->position,
            plate: new PlateOfStrip(
                drawing: $plate->drawing,
                role: $plate->role,
                hex: $plate->hex,
                artHex: $plate->artHex,
                coveragePct: $plate->coveragePct,
                areaCm2: $plate->areaCm2,
            ),
            name: $plate->name,
            ink: new InkOfStrip(
                inkId: $plate->ink?->id,
                inkName: $plate->ink->name ?? '',
                inkHex: $plate->printedIn()->hex(),
            ),
            step: new StepOfStrip(
                orderReason: $step->reason,
                flashAfter: $step->flashAfter,
                flashReason: $step->flashReason,
            ),
            frame: new FrameOfStrip(
                frameId: $plate->frame?->id,
                frameLabel: $plate->frame->label ?? '',
                burnedSeconds: $s->burnedSeconds,
            ),
            reads: new ReadsOfStrip(
                mesh: Readout::of($book->meshFigure($i)),
                stencil: Readout::of($book->stencilFigure($i)),
                light: Readout::of($s->light),
                offContact: Readout::of($book->offContactFigure($i)),
            ),
            stages: self::stages($s, $book->job, $s->plate === $book->job->key()),
            mind: $s->oldPicture ? ($s->stencil->mind ?? '') : '',
        );
    }

    private static function stages(PlateStanding $s, Job $job, bool $isKey): Stages
    {
        $ready = static fn (bool $is): Readiness => $is ? Readiness::Ready : Readiness::Open;

        return new Stages(
            $ready($job->separationPath !== null),
            $ready($job->separationIsCurrent()),
            $ready($job->filmsAreCurrent()),
            match (true) {
                $s->plate->frame === null => Readiness::Open,
                $s->unsuited !== '' => Readiness::Out,
                default => $ready($s->first === []),
            },
            match (true) {
                $s->burnedSeconds === null => Readiness::Open,
                $s->oldPicture || $s->light->sign === Sign::OutOfBounds || $s->seen?->canPrint === false => Readiness::Out,
                default => Readiness::Ready,
            },
            match (true) {
                $s->oldPicture => Readiness::Out,
                // The others are brought to the key.
                $isKey => $ready($s->burnedSeconds !== null),
                $s->register === null => Readiness::Open,
                default => $s->register->inRegister ? Readiness::Ready : Readiness::Out,
            },
        );
    }
}
