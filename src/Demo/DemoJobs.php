<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Ektype\App\Action\Art\BringArt;
use Ektype\App\Action\Art\FollowMethod;
use Ektype\App\Action\Films\WishFilms;
use Ektype\App\Action\Jobs\ChooseTools;
use Ektype\App\Action\Jobs\DescribeJob;
use Ektype\App\Action\Jobs\NoteOnJob;
use Ektype\App\Action\Jobs\OrderGarments;
use Ektype\App\Action\Light\BurnScreen;
use Ektype\App\Action\Light\LookAtScreen;
use Ektype\App\Action\Light\TickCard;
use Ektype\App\Action\Press\ReadMarks;
use Ektype\App\Action\Press\TurnedAndPrinted;
use Ektype\App\Action\Screens\CoatFrame;
use Ektype\App\Action\Screens\GaugeStencil;
use Ektype\App\Action\Screens\GiveFrame;
use Ektype\App\Action\Screens\GiveFrames;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\AskForWork;
use Ektype\App\Action\Work\LongWork;
use Ektype\App\Device\SimulatedNoise;
use Ektype\App\Query\Light\SeeLight;
use Ektype\App\Query\Press\PlateOnPress;
use Ektype\App\Query\Press\SeePress;
use Ektype\App\Query\Screens\SeeScreens;
use Ektype\App\Shop\FilmPrinter\FilmPrinters;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\BeforeLight;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Presses;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\App\Shop\Task\Tasks;
use Ektype\App\Shop\Task\TaskState;
use Ektype\App\Work\Long\LongWorkHandler;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Order\Sizes;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\Registration\TrueKnobs;
use Ektype\Core\Separation\MethodName;
use Psr\Clock\ClockInterface;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The jobs of the demo shop, carried as far as their stage by the same changes that carry a real one. */
final readonly class DemoJobs
{
    private const MARKS_READ = 4;
    /** What a turn of each knob of the rotary press truly moves, of what its profile says. */
    private const PITCHES = [0.96, 1.02, 1.07];

    public function __construct(
        private ShopDoor $door,
        private LongWorkHandler $worker,
        private Jobs $jobs,
        private Tasks $tasks,
        private FilmPrinters $printers,
        private SeeScreens $screens,
        private SeeLight $light,
        private SeePress $press,
        private Presses $presses,
        private ClockInterface $clock,
        private DemoRuns $runs,
    ) {
    }

    /** All jobs, each as far as it comes. */
    public function fill(): void
    {
        foreach ($this->begin() as $on) {
            do {
                foreach ($this->tasks->openIds() as $task) {
                    ($this->worker)(new LongWork($task));
                }
            } while (!$this->step($on));
        }
    }

    /**
     * The first job with its plates, the others with their art, waiting for the workers.
     *
     * @return list<CarryDemoOn> what is to become of them
     */
    public function begin(): array
    {
        $plum = $this->job(
            'plum-and-rye.svg',
            DemoArt::plumAndRye(),
            'Plum & Rye',
            DemoArt::CANVAS,
            'natural',
            240,
            substrate: Substrate::Canvas,
            customer: 'Kettle Lane Bakery',
            garment: 'totes',
            quantity: 150,
            dueInDays: 18,
        );
        $moth = $this->job(
            'night-moth-count.svg',
            DemoArt::nightMoth(),
            'Night Moth Count',
            DemoArt::NAVY,
            'dark navy',
            290,
            substrate: Substrate::Cotton,
            customer: 'Saltmarsh Moth Survey Club',
            garment: 'tees',
            quantity: 96,
            dueInDays: 4,
        );
        $this->ordered($moth);
        $this->work($moth, TaskKind::Separate);
        $dial = $this->job(
            'weather-dial.svg',
            DemoArt::weatherDial(),
            'Weather Dial',
            DemoArt::ACRYLIC,
            'clear acrylic',
            180,
            substrate: Substrate::Rigid,
            customer: 'Harbour Observatory',
            garment: 'panels',
            quantity: 40,
            dueInDays: 11,
        );
        $others = [
            new CarryDemoOn($dial, films: true, frames: true),
            new CarryDemoOn($plum),
            new CarryDemoOn($this->slackWater(), films: true),
            ...array_map(static fn (int $job): CarryDemoOn => new CarryDemoOn($job, films: true), $this->inManyInks()),
            ...$this->printed(),
        ];
        $first = new CarryDemoOn($moth, films: true, strikeOff: true);
        $this->step($first);
        foreach ($others as $one) {
            $this->door->do(new AskForWork($one->jobId, TaskKind::Separate));
        }

        return [$first, ...$others];
    }

    /**
     * One step further with a job, where nothing is under way.
     *
     * @return bool whether it is as far as it comes
     */
    public function step(CarryDemoOn $on): bool
    {
        $job = $this->jobs->get($on->jobId);
        if ($this->tasks->firstOpenOf($job) !== null) {
            return false;
        }
        $failed = $this->tasks->latestOf($job);
        if ($failed?->state === TaskState::Failed) {
            throw new \RuntimeException('The demo could not be made: '.$failed->failure);
        }
        if ($on->films && $job->filmsPath === null) {
            if (($on->strikeOff || $on->run !== null) && $this->jobs->whole($on->jobId)->platesInOrder()[0]->frame === null) {
                $this->takeFrames($on->jobId);
            }
            $this->door->do(new AskForWork($on->jobId, TaskKind::Films));

            return false;
        }
        if ($on->strikeOff) {
            $this->carryToStrikeOff($on->jobId, self::first(), self::strikeOff());
        }
        if ($on->run !== null) {
            $this->carryToStrikeOff($on->jobId, [], [1 => new RigidMove(0.02, -0.03, 0.0001)]);
            $this->runs->tell($on->jobId, $on->run);
        }
        if ($on->frames) {
            $this->door->do(new GiveFrames($on->jobId));
            $this->coatTheFirst($on->jobId);
        }

        return true;
    }

    /** Two garments of one order; on the light one the base stays up. */
    private function ordered(int $job): void
    {
        $sizes = static fn (int ...$pieces): array => array_map(
            static fn (string $size, int $many): SizeCount => new SizeCount($size, $many),
            Sizes::USUAL,
            array_values($pieces),
        );
        $this->door->do(
            new OrderGarments($job, [
                new GarmentLine('tees', 'dark navy', DemoArt::NAVY, $sizes(8, 26, 26, 12)),
                new GarmentLine('tees', 'white', '#f7f6f2', $sizes(0, 12, 12, 0)),
            ]),
            new NoteOnJob($job, 'Folded in tens, a spare of each size. The club fetches them itself.'),
        );
    }

    /**
     * Pictures in many colours, each by a method of its own.
     *
     * @return list<int>
     */
    private function inManyInks(): array
    {
        $paint = new ColourPaintings();
        $jobs = [];
        foreach ([
            ['low-tide-ferry.png', $paint->lowTideFerry(), 'Low Tide Ferry', DemoArt::BLACK, 'black', 200.0, Substrate::Cotton, 'Tidewrack Rowing Club', 'tees', 60, 14, MethodName::from('simulated')],
            ['field-day.jpg', $paint->fieldDay(), 'Field Day ’26', DemoArt::WHITE, 'white', 150.0, Substrate::Cotton, 'Orchard Row Primary School', 'tees', 120, 12, MethodName::from('process')],
            ['night-market.jpg', $paint->nightMarket(), 'Night Market Lanterns', DemoArt::NAVY, 'dark navy', 140.0, Substrate::Cotton, 'Kettle Lane Bakery', 'tees', 80, 16, MethodName::from('index')],
            ['kelp-forest.jpg', $paint->kelpForest(), 'Kelp Forest', DemoArt::PAPER, 'cotton paper', 140.0, Substrate::Paper, 'Saltmarsh Print Fair', 'prints', 40, 21, MethodName::from('layers')],
        ] as [$file, $art, $name, $hex, $called, $widthMm, $substrate, $customer, $garment, $quantity, $due, $method]) {
            $jobs[] = $job = $this->job($file, $art, $name, $hex, $called, $widthMm, substrate: $substrate, customer: $customer, garment: $garment, quantity: $quantity, dueInDays: $due);
            $this->door->do(new FollowMethod($job, $method));
            if ($substrate === Substrate::Paper) {
                $this->door->do(new ChooseTools($job, $this->presses->named(DemoShelves::TABLE)?->idOrFail()));
            }
        }

        return $jobs;
    }

    /** @return list<CarryDemoOn> one on the press, and one that was printed and comes back */
    private function printed(): array
    {
        $lane = $this->job('lantern-lane.svg', DemoRunArt::lanternLane(), 'Lantern Lane', DemoArt::CANVAS, 'natural', 180, substrate: Substrate::Canvas, customer: 'Orchard Row Primary School', garment: 'totes', quantity: 75, dueInDays: 3);
        $relay = $this->job('relay-day.svg', DemoRunArt::relayDay(), 'Relay Day', DemoArt::NAVY, 'dark navy', 220, substrate: Substrate::Cotton, customer: 'Tidewrack Rowing Club', garment: 'tees', quantity: 48, dueInDays: 30);
        $this->door->do(new OrderGarments($relay, [new GarmentLine('tees', 'dark navy', DemoArt::NAVY, array_map(static fn (string $size, int $many): SizeCount => new SizeCount($size, $many), Sizes::USUAL, [8, 20, 16, 4]))]));

        return [new CarryDemoOn($lane, films: true, run: DemoRun::Going), new CarryDemoOn($relay, films: true, run: DemoRun::Done)];
    }

    /** A picture in tones on a coloured shirt. */
    private function slackWater(): int
    {
        return $this->job(
            'slack-water.jpg',
            (new DemoPainting())->slackWater(),
            'Slack Water',
            DemoArt::BRICK,
            'brick red',
            280,
            substrate: Substrate::Cotton,
            customer: 'Tidewrack Rowing Club',
            garment: 'tees',
            quantity: 60,
            dueInDays: 9,
        );
    }

    private function job(
        string $file,
        string $art,
        string $name,
        string $garmentHex,
        string $garmentName,
        float $widthMm,
        Substrate $substrate,
        string $customer,
        string $garment,
        int $quantity,
        int $dueInDays,
    ): int {
        $path = sys_get_temp_dir().'/ektype-demo-'.getmypid().'.'.pathinfo($file, \PATHINFO_EXTENSION);
        file_put_contents($path, $art);
        try {
            $id = $this->door->do(
                new BringArt($path, $file, $garmentHex, $widthMm, $name, $garmentName, substrate: $substrate),
            )->made(Job::class)->idOrFail();
        } finally {
            unlink($path);
        }
        $due = $this->clock->now()->modify(\sprintf('+%d days', $dueInDays))->format('Y-m-d');
        $this->door->do(
            new DescribeJob(
                $id,
                customer: $customer,
                garment: $garment,
                quantity: $quantity,
                place: $garment === 'panels' ? 'face' : 'front',
                dueOn: $due,
            ),
            new WishFilms($id, $this->printers->first()?->id),
        );

        return $id;
    }

    private function work(int $job, TaskKind $kind): void
    {
        $task = $this->door->do(new AskForWork($job, $kind))->made(Task::class)->idOrFail();
        ($this->worker)(new LongWork($task));
        $done = $this->tasks->get($task);
        if ($done->state !== TaskState::Done) {
            throw new \RuntimeException('The demo could not be made: '.$done->failure);
        }
    }

    /** Frames as they are offered first, coated the evening before, so that they are dry whenever the demo is opened. */
    private function takeFrames(int $job): void
    {
        $evening = $this->clock->now()->modify('-1 day')->setTime(17, 20);
        foreach ($this->plates($job) as $plate) {
            $best = $this->screens->frames($plate)->frames[0] ?? throw new \LogicException('The rack of the demo is not empty.');
            $this->door->do(new GiveFrame($plate, $best->id), new CoatFrame($best->id, coatedAt: $evening));
        }
    }

    /** One screen of the job was coated a few minutes ago and lies drying. */
    private function coatTheFirst(int $job): void
    {
        foreach ($this->jobs->whole($job)->platesInOrder() as $plate) {
            if ($plate->frame !== null) {
                $this->door->do(new CoatFrame($plate->frame->idOrFail(), coatedAt: $this->clock->now()->modify('-5 minutes')));

                return;
            }
        }
    }

    /**
     * @param array<int, RigidMove> $first misfit of the plates on strike-offs of the past
     * @param array<int, RigidMove> $off   and on the one that is to be corrected now
     */
    private function carryToStrikeOff(int $job, array $first, array $off): void
    {
        $random = new Randomizer(new Mt19937(7));
        foreach ($this->screens->of($job)->plates as $screen) {
            $this->door->do(
                new GaugeStencil($screen->id, round((float) $screen->stencilOf->stencil->value + 0.4 * SimulatedNoise::normal($random), 1)),
            );
        }
        $targets = array_map(static fn (PlateOnPress $p): array => \array_slice($p->targets, 0, self::MARKS_READ), $this->press->of($job)->plates);
        foreach ($this->light->of($job)->plates as $i => $plate) {
            $this->door->do(
                ...array_map(static fn (BeforeLight $done): TickCard => new TickCard($plate->id, $done, true), BeforeLight::cases()),
                ...[
                    new BurnScreen($plate->id, round((float) $plate->light->value * 2) / 2),
                    new LookAtScreen($plate->id, new SinkCheck(pinholes: $i === 2)),
                ],
            );
            // Three strike-offs of the past, each turned back and printed again, and one that is to be corrected now.
            if (isset($off[$i])) {
                if (isset($first[$i])) {
                    $this->door->do(new ReadMarks($plate->id, self::readings($targets[$i], $first[$i], $random), [1, 2]));
                    $this->door->do(new TurnedAndPrinted($plate->id));
                    $this->door->do(new ReadMarks($plate->id, self::readings($targets[$i], $this->turned($job, $i, $first[$i]), $random), [1, 2]));
                }
                // The screens came off and on again since: how they lie now is to be corrected.
                $this->door->do(new ReadMarks($plate->id, self::readings($targets[$i], $off[$i], $random), [1, 2]));
            }
        }
    }

    /** How a plate lies after the turns that were told: the press’s knobs are not quite what its profile says. */
    private function turned(int $job, int $plate, RigidMove $before): RigidMove
    {
        $knobs = $this->jobs->whole($job)->press?->knobs() ?? [];
        $turns = array_column($this->press->of($job)->plates[$plate]->turned->turns ?? [], 'turns', 'knob');
        $pushes = array_map(static fn (Knob $k, float $pitch): float => ($turns[$k->name] ?? 0.0) * $k->mmPerTurn * $pitch, $knobs, self::PITCHES);
        $moved = TrueKnobs::frame($knobs, $pushes);

        return new RigidMove($before->xMm + $moved->xMm, $before->yMm + $moved->yMm, $before->turnRad + $moved->turnRad);
    }

    /** @return array<int, RigidMove> misfit of each plate on its first strike-off */
    private static function first(): array
    {
        return [1 => new RigidMove(0.94, -0.72, 0.0031), 2 => new RigidMove(-0.88, 0.95, -0.0042), 3 => new RigidMove(1.12, -0.61, 0.0036)];
    }

    /** @return array<int, RigidMove> misfit given to each plate on the strike-off */
    private static function strikeOff(): array
    {
        return [1 => new RigidMove(0.03, -0.05, 0.0001), 2 => new RigidMove(0.42, -0.31, 0.0021), 3 => new RigidMove(-0.18, 0.24, -0.0009)];
    }

    /** @return list<int> plates of a job in print order */
    private function plates(int $job): array
    {
        return array_map(static fn (Plate $p): int => $p->idOrFail(), $this->jobs->whole($job)->platesInOrder());
    }

    /**
     * @param list<RegistrationMark> $marks
     *
     * @return list<list<Reading>> of two prints
     */
    private static function readings(array $marks, RigidMove $move, Randomizer $random): array
    {
        $read = static fn (RegistrationMark $m): Reading => new Reading(
            $m->name,
            $m->xMm,
            $m->yMm,
            round($move->xMm - $move->turnRad * $m->yMm + 0.02 * SimulatedNoise::normal($random), 2),
            round($move->yMm + $move->turnRad * $m->xMm + 0.02 * SimulatedNoise::normal($random), 2),
        );

        return [array_map($read, $marks), array_map($read, $marks)];
    }
}
