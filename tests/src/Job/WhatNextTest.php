<?php

declare(strict_types=1);

namespace Ektype\Tests\App\Job;

use Ektype\App\Query\Job\Does;
use Ektype\App\Query\Job\NextStep;
use Ektype\App\Query\Job\PlateStanding;
use Ektype\App\Query\Job\WhatNext;
use Ektype\App\Query\Reckoning\PlateRegister;
use Ektype\App\Query\Reckoning\PrintsScatter;
use Ektype\App\Query\Reckoning\RegisterErrors;
use Ektype\App\Query\Reckoning\StencilNow;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Art;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\App\Shop\Task\TaskState;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Exposure\SinkCheck;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The one sentence above every job: it names the first thing that holds it up, and never a later one. */
final class WhatNextTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        $this->job = new Job('Moth', '#1b2440', 280, new Art('moth.png', 'png', 'art/moth.png', 800, 600), new \DateTimeImmutable('2026-03-02'));
        $this->job->separationPath = 'plates/1';
        foreach (['White', 'Straw', 'Rust'] as $i => $name) {
            $plate = new Plate($this->job, $i, $i, $name, $i === 0 ? PlateRole::Base : PlateRole::Colour, '#ffffff');
            $plate->id = 10 + $i;
            $plate->frame = new Frame(['A', 'B', 'C'][$i], 61, 64, false, 460, 560, tensionNPerCm: 20);
            $this->job->plates->add($plate);
        }
        $this->job->separationKey = $this->job->separationKey();
        $this->job->filmsPath = 'films/1';
        $this->job->filmsKey = $this->job->filmsKey();
    }

    public function testAllDoneMeansPrint(): void
    {
        $next = $this->next();
        self::assertSame(['press', 'All plates are in register: print.', null], [$next->stage, $next->sentence, $next->plateId]);
    }

    public function testTheArtAndTheFilmsComeFirst(): void
    {
        $this->job->filmsKey = 'of other plates';
        self::assertSame(['films', Does::Films, 'Write them again'], $this->does());
        $this->job->filmsPath = null;
        self::assertSame(['films', Does::Films, 'Write the films'], $this->does());
        self::assertSame('Write the films of 3 plates.', $this->next()->sentence);
        self::assertSame('Write the film of the plate.', $this->of([$this->plate(0)])->sentence);
        $this->job->separationKey = 'of other art';
        self::assertSame(['art', Does::Separate, 'Separate again'], $this->does());
        $this->job->separationPath = null;
        self::assertSame(['art', Does::Separate, 'Separate'], $this->does());
    }

    public function testAnotherClothAsksForOtherPlates(): void
    {
        $this->job->garmentHex = '#ffffff';
        self::assertSame('art', $this->next()->stage, 'the base depends on it');
    }

    #[TestWith([TaskKind::Films, TaskState::Working, 'films'])]
    #[TestWith([TaskKind::Separate, TaskState::Waiting, 'art'])]
    #[TestWith([TaskKind::Separate, TaskState::Done, 'press'])]
    #[TestWith([TaskKind::Films, TaskState::Failed, 'press'])]
    public function testWorkUnderWayIsWaitedFor(TaskKind $kind, TaskState $state, string $stage): void
    {
        $task = new Task($this->job, $kind, new \DateTimeImmutable('2026-03-02'));
        $task->state = $state;
        self::assertSame($stage, WhatNext::of($this->job, $this->standing(), $task)->stage);
    }

    /** Each fault is put on the second plate: it is what is next, whatever comes later on the way to the press. */
    public function testEveryStageIsAskedInItsTurn(): void
    {
        $worst = $this->standing();
        $wants = [];
        foreach ([
            'strike-off' => ['register' => null],
            'out of register' => ['register' => self::register(0.42)],
            'not fit to print' => ['seen' => new SinkCheck(lostDots: true)],
            'not looked at' => ['seen' => null],
            'not burned' => ['burnedSeconds' => null],
            'damp' => ['burnedSeconds' => null, 'stencil' => self::stencil(25)],
            'not coated' => ['first' => ['coat']],
            'old stencil' => ['first' => ['reclaim', 'coat']],
            'torn' => ['first' => ['stretch', 'coat']],
            'old picture' => ['oldPicture' => true],
            'unsuited' => ['unsuited' => 'its lines are finer than the mesh holds', 'first' => ['coat']],
        ] as $fault => $with) {
            $worst[1] = $this->plate(1, $with);
            $next = $this->of($worst);
            self::assertSame(11, $next->plateId, $fault);
            $wants[$fault] = $next->stage.': '.$next->sentence.' / '.$next->button;
        }
        self::assertSame([
            'strike-off' => 'press: Print a strike-off and read Straw at the marks. / Read the marks',
            'out of register' => 'press: Straw was 0.42 mm out on the last print. / Turn the knobs',
            'not fit to print' => 'light: The screen of Straw cannot go to the press: make it again. / See why',
            'not looked at' => 'light: Wash out frame B and look at Straw against the light. / At the sink',
            'not burned' => 'light: Burn frame B for Straw. / 42 s on the lamp',
            'damp' => 'light: Damp for 25 min. / See the light',
            'not coated' => 'screens: Coat frame B for Straw: 1 + 1, sharp edge. / See how',
            'old stencil' => 'screens: Reclaim frame B, then coat it for Straw. / See the frame',
            'torn' => 'screens: Frame B needs new mesh before it can hold Straw. / Choose another',
            'old picture' => 'light: Frame B carries the old picture of Straw: make its screen again. / See the screen',
            'unsuited' => 'screens: Frame B suits Straw badly: its lines are finer than the mesh holds. Choose another, or go on with it: coat it. / Choose',
        ], $wants);
    }

    /** One print shows how all plates lie: all are turned before another is printed. */
    public function testAllThatAPrintHasShownIsTurnedBeforeTheNextIsPrinted(): void
    {
        $plates = $this->standing();
        $plates[1] = $this->plate(1, ['register' => null]);
        $plates[2] = $this->plate(2, ['register' => self::register(0.3)]);
        self::assertSame([12, 'Turn the knobs'], [$this->of($plates)->plateId, $this->of($plates)->button]);
        $plates[2] = $this->plate(2, ['register' => null]);
        self::assertSame([11, 'Read the marks'], [$this->of($plates)->plateId, $this->of($plates)->button]);
    }

    public function testAnEarlierStageOfAnyPlateComesBeforeALaterOne(): void
    {
        $plates = [$this->plate(0, ['register' => null]), $this->plate(1, ['register' => null]), $this->plate(2, ['burnedSeconds' => null])];
        self::assertSame(12, $this->of($plates)->plateId, 'the third is not burned yet');
        $third = $this->job->platesInOrder()[2];
        $third->frame = null;
        $plates[0] = $this->plate(0, ['first' => ['coat']]);
        $next = $this->of($plates);
        self::assertSame(['screens', 'Choose a frame for Rust.', 12], [$next->stage, $next->sentence, $next->plateId]);
    }

    public function testAFrameThatSuitsBadlyButIsCoatedHoldsNothingUp(): void
    {
        $plates = $this->standing();
        $plates[2] = $this->plate(2, ['unsuited' => 'it is slack', 'burnedSeconds' => null]);
        self::assertStringContainsString('Burn frame C for Rust.', $this->of($plates)->sentence);
    }

    public function testThePlateThatTheOthersAreSetByHasNoReadings(): void
    {
        $plates = $this->standing();
        $plates[0] = $this->plate(0, ['register' => null]);
        self::assertSame('All plates are in register: print.', $this->of($plates)->sentence);
    }

    #[TestWith([42.4, 'Bench', '42 s on the Bench'])]
    #[TestWith([89.4, 'Bench', '89 s on the Bench'])]
    #[TestWith([89.9, 'Bench', '1 min 30 s on the Bench'])]
    #[TestWith([90.0, 'Bench', '1 min 30 s on the Bench'])]
    #[TestWith([119.6, 'Bench', '2 min 00 s on the Bench'])]
    #[TestWith([null, 'Bench', 'Light on the Bench'])]
    #[TestWith([42.0, 'Metal halide by the door', '42 s on the lamp'])]
    public function testTheButtonOfTheLightSaysHowLongAndWhere(?float $seconds, string $lamp, string $button): void
    {
        $this->job->lamp = new Lamp($lamp, LampKind::Led, 100);
        $plates = $this->standing();
        $plates[1] = $this->plate(1, ['burnedSeconds' => null, 'light' => self::light($seconds)]);
        self::assertSame($button, $this->of($plates)->button);
    }

    /** @param array<PlateStanding> $plates */
    private function of(array $plates): NextStep
    {
        return WhatNext::of($this->job, array_values($plates), null);
    }

    private function next(): NextStep
    {
        return $this->of($this->standing());
    }

    /** @return array{string, Does, string} */
    private function does(): array
    {
        $next = $this->next();

        return [$next->stage, $next->does, $next->button];
    }

    /** @return list<PlateStanding> all burned, clean and in register */
    private function standing(): array
    {
        return [$this->plate(0), $this->plate(1), $this->plate(2)];
    }

    /**
     * @param array{unsuited?: string, first?: list<string>, stencil?: StencilNow, burnedSeconds?: float|null,
     *     seen?: SinkCheck|null, light?: Figure, register?: PlateRegister|null, oldPicture?: bool} $with
     */
    private function plate(int $i, array $with = []): PlateStanding
    {
        return new PlateStanding(...[
            'plate' => $this->job->platesInOrder()[$i],
            'unsuited' => '',
            'first' => [],
            'stencil' => self::stencil(0),
            'burnedSeconds' => 42.0,
            'seen' => new SinkCheck(),
            'light' => self::light(42.0),
            'register' => self::register(0.05),
            'coatWords' => '1 + 1, sharp edge',
            ...$with,
        ]);
    }

    private static function light(?float $seconds): Figure
    {
        return new Figure($seconds, 's', Sign::Reckoned, 'trade default', 'light');
    }

    private static function stencil(float $damp): StencilNow
    {
        return new StencilNow('Dual', '1 + 1', '', '', $damp, 20, told: true, gaugedEomUm: null, burnedSeconds: null, mind: $damp > 0 ? \sprintf('Damp for %.0f min.', $damp) : '', oldPicture: false);
    }

    private static function register(float $offMm): PlateRegister
    {
        $readings = new Readings([[new Reading('near', 0, -160, $offMm, 0), new Reading('far', 0, 160, $offMm, 0)]]);
        $misfit = MisfitFit::of($readings);

        return new PlateRegister(
            misfit: $misfit,
            mending: RegistrationSolver::mend($readings, $misfit, []),
            marks: $readings->means,
            scatter: new PrintsScatter(
                prints: 1,
                repeatMm: null,
                byPrint: $readings->byPrint,
                repeats: '',
                oddPrint: null,
            ),
            nowMaxMm: $offMm,
            inRegister: $offMm <= 0.1,
            willBeInTolerance: true,
            doubts: [],
            errors: new RegisterErrors(0.0),
            unsure: false,
        );
    }
}
