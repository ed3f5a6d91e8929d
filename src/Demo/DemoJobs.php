<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\MarkPlaceView;
use Ektype\App\Api\Jobs\NewJob;
use Ektype\App\Api\Jobs\PlateStencil;
use Ektype\App\Api\Rack\FrameWork;
use Ektype\App\Api\Rack\JobFrames;
use Ektype\App\Device\SimulatedNoise;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Work\LongWork;
use Ektype\App\Work\LongWorkHandler;
use Ektype\Core\Unit\Given;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The jobs of the demo shop, carried as far as their stage by the same code that carries a real one. */
final readonly class DemoJobs
{
    /** Misfit given to each plate on the strike-off: shift x and y in mm, turn in radians. */
    private const STRIKE_OFF = [1 => [0.03, -0.05, 0.0001], 2 => [0.42, -0.31, 0.0021], 3 => [-0.18, 0.24, -0.0009]];

    public function __construct(
        private EntityManagerInterface $entities,
        private NewJob $newJob,
        private LongWorkHandler $worker,
        private JobReckoner $reckoner,
        private FrameWork $frames,
        private JobFrames $sets,
        private PlateStencil $stencils,
    ) {
    }

    public function fill(): void
    {
        $plum = $this->job('plum-and-rye.svg', DemoArt::plumAndRye(), ['name' => 'Plum & Rye', 'garmentHex' => DemoArt::CANVAS, 'garmentName' => 'natural', 'widthMm' => 240, 'substrate' => 'canvas'], 'Kettle Lane Bakery', 'totes', 150, '2026-12-11');
        $moth = $this->job('night-moth-count.svg', DemoArt::nightMoth(), ['name' => 'Night Moth Count', 'garmentHex' => DemoArt::NAVY, 'garmentName' => 'dark navy', 'widthMm' => 290, 'substrate' => 'cotton'], 'Saltmarsh Moth Survey Club', 'tees', 96, '2026-11-27');
        $id = $moth->idOrFail();
        $this->work($id, 'separate');
        $this->chooseFrames($this->find($id));
        $this->work($id, 'films');
        $this->carryToStrikeOff($this->find($id));
        $dial = $this->job('weather-dial.svg', DemoArt::weatherDial(), ['name' => 'Weather Dial', 'garmentHex' => DemoArt::ACRYLIC, 'garmentName' => 'clear acrylic', 'widthMm' => 180, 'substrate' => 'rigid'], 'Harbour Observatory', 'panels', 40, '2026-12-04');
        $this->work($dial->idOrFail(), 'separate');
        $this->work($dial->idOrFail(), 'films');
        $this->sets->choose($this->find($dial->idOrFail()));
        $this->coatTheFirst($this->find($dial->idOrFail()));
        $this->work($plum->idOrFail(), 'separate');
    }

    /** @param array<string, mixed> $fields */
    private function job(string $file, string $svg, array $fields, string $customer, string $garment, int $quantity, string $due): Job
    {
        $path = sys_get_temp_dir().'/ektype-demo-'.getmypid().'.svg';
        file_put_contents($path, $svg);
        try {
            $job = $this->newJob->make(Given::of($fields), $path, $file);
        } finally {
            unlink($path);
        }
        $job->customer = $customer;
        $job->garment = $garment;
        $job->quantity = $quantity;
        $job->dueOn = $due;
        $job->filmPrinter = $this->entities->getRepository(FilmPrinter::class)->findOneBy([], ['id' => 'ASC']);
        $job->place = $garment === 'panels' ? 'face' : 'front';
        $this->entities->flush();

        return $job;
    }

    private function work(int $jobId, string $kind): void
    {
        $task = new Task($this->find($jobId), $kind);
        $this->entities->persist($task);
        $this->entities->flush();
        ($this->worker)(new LongWork($task->idOrFail()));
        $done = $this->entities->find(Task::class, $task->idOrFail());
        if ($done?->state !== 'done') {
            throw new \RuntimeException('The demo job broke off: '.($done->failure ?? ''));
        }
    }

    private function find(int $jobId): Job
    {
        return $this->entities->find(Job::class, $jobId) ?? throw new \LogicException('The job is gone.');
    }

    private function chooseFrames(Job $job): void
    {
        foreach ($job->platesInOrder() as $plate) {
            foreach ($this->reckoner->view($job)->plates[$plate->position]->frames as $choice) {
                if ($choice->takenBy === '' && $choice->fits) {
                    $plate->frame = $this->entities->find(Frame::class, $choice->id);
                    if ($plate->frame !== null) {
                        // Coated the evening before, so that it is dry whenever the demo is opened.
                        $this->frames->coat($plate->frame, Given::of(['coatedAt' => (new \DateTimeImmutable('yesterday 17:20'))->format('Y-m-d\TH:i')]), new \DateTimeImmutable());
                    }
                    break;
                }
            }
            $this->entities->flush();
        }
    }

    /** One screen of the job was coated a few minutes ago and lies drying. */
    private function coatTheFirst(Job $job): void
    {
        foreach ($job->platesInOrder() as $plate) {
            if ($plate->frame !== null) {
                $this->frames->coat($plate->frame, Given::of(['coatedAt' => (new \DateTimeImmutable('-5 minutes'))->format('Y-m-d\TH:i')]), new \DateTimeImmutable());

                return;
            }
        }
    }

    private function carryToStrikeOff(Job $job): void
    {
        $random = new Randomizer(new Mt19937(7));
        $view = $this->reckoner->view($job);
        foreach ($job->platesInOrder() as $i => $plate) {
            $plate->gaugedEomUm = round((float) $view->plates[$i]->stencil->value + 0.4 * SimulatedNoise::normal($random), 1);
            $this->entities->flush();
        }
        $view = $this->reckoner->view($job);
        foreach ($job->platesInOrder() as $i => $plate) {
            $plate->burnedSeconds = round((float) $view->plates[$i]->light->value * 2) / 2;
            if (isset(self::STRIKE_OFF[$i])) {
                $plate->readings = self::readings($view->marks, self::STRIKE_OFF[$i], $random);
            }
            $plate->beforeLight = Plate::BEFORE_LIGHT;
            $plate->sinkCheck = ['scum' => false, 'pinholes' => $i === 2, 'lostDots' => false, 'closedLines' => false, 'blur' => false];
            $this->stencils->follow($plate, new \DateTimeImmutable());
        }
        $this->entities->flush();
    }

    /**
     * @param list<MarkPlaceView>        $marks
     * @param array{float, float, float} $misfit
     *
     * @return list<list<array{mark: string, at_mm: array{float, float}, off_mm: array{float, float}}>>
     */
    private static function readings(array $marks, array $misfit, Randomizer $random): array
    {
        [$x, $y, $turn] = $misfit;
        $prints = [];
        for ($print = 0; $print < 2; ++$print) {
            $prints[] = array_map(static fn (MarkPlaceView $m): array => [
                'mark' => $m->name,
                'at_mm' => [$m->xMm, $m->yMm],
                'off_mm' => [
                    round($x - $turn * $m->yMm + 0.02 * SimulatedNoise::normal($random), 2),
                    round($y + $turn * $m->xMm + 0.02 * SimulatedNoise::normal($random), 2),
                ],
            ], \array_slice($marks, 0, 4));
        }

        return $prints;
    }
}
