<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Tasks\TaskView;
use Ektype\App\Shop\Change\Change;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\OwnMesh\OwnMesh;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\App\Shop\Task\Task;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Mesh\RankedMesh;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Rack\RackAssignment;
use Ektype\Core\Separation\Trap;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** Puts a job together as its page shows it: every figure reckoned anew from what is stored. */
final readonly class JobReckoner
{
    /** Mesh under this count counts as coarse for flashing: 230 per inch. */
    private const COARSE_UNDER_PER_CM = 90.0;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /**
     * The job as it stands at one moment: a worker that ends its task between two reads would else show plates of a job
     * that looks unseparated.
     */
    public function atOneMoment(Job $job): JobView
    {
        return $this->entities->wrapInTransaction(function () use ($job): JobView {
            $this->entities->refresh($job);

            return $this->view($job);
        });
    }

    public function view(Job $job): JobView
    {
        $plates = $job->platesInOrder();
        $stencils = StencilReckoner::of($this->entities, new \DateTimeImmutable());
        $screens = $this->screens($job, $stencils);
        $register = new RegisterReckoner($job);
        $ranked = array_map($screens->ranked(...), $plates);
        $meshes = array_map($screens->meshOf(...), $plates, $ranked);
        $garment = Lab::of(Srgb::fromHex($job->garmentHex));
        $steps = PrintOrder::inGivenOrder(
            array_keys($plates),
            array_map(static fn (Plate $p): array => ['role' => $p->role(), 'lab' => Lab::of(Srgb::fromHex($p->hex)), 'share' => $p->coveragePct / 100], $plates),
            $garment,
            static fn (int $i): bool => $meshes[$i]->threadsPerCm < self::COARSE_UNDER_PER_CM,
        );
        $light = $this->light($job, $stencils)->figures(array_map(static fn (Plate $p, Mesh $m): array => [$p, $m], $plates, $meshes));
        $views = [];
        foreach ($plates as $i => $plate) {
            $views[] = $this->plate($job, $plate, $i, $steps[$i], $screens, $stencils, $register, [
                'ranked' => $ranked[$i], 'mesh' => $meshes[$i], 'light' => FigureView::of($light[$i]),
            ]);
        }
        $task = $this->entities->getRepository(Task::class)->findOneBy(['job' => $job], ['id' => 'DESC']);
        $change = $this->entities->getRepository(Change::class)->findOneBy(['job' => $job], ['id' => 'DESC']);
        $found = Separated::of($job, $this->entities->getRepository(Ink::class)->findBy([], ['id' => 'ASC']));

        return new JobView(
            $job->idOrFail(),
            $job->name,
            $job->customer,
            $job->substrate,
            $job->garment,
            $job->garmentName,
            $job->garmentHex,
            $job->quantity,
            $job->place,
            $job->dueOn,
            $job->widthMm,
            $job->heightMm(),
            $job->chokeMm,
            $job->inks,
            $job->printGround,
            $found->groundLeftOpen,
            $job->artName,
            $job->artKind,
            $job->artWidthPx,
            $job->artHeightPx,
            $job->artKind === 'svg' ? 0.0 : $job->framing()->size($job->artWidthPx, $job->artHeightPx)[0] * 25.4 / $job->widthMm,
            $job->separationPath !== null,
            $job->separationIsCurrent(),
            $job->filmsPath !== null,
            $job->filmsAreCurrent(),
            self::pullKey($job),
            $job->toleranceMm,
            $job->press?->id,
            $job->lamp?->id,
            $job->emulsion?->id,
            $views,
            $found->palette,
            $found->strays,
            $found->warnings,
            $register->marks(),
            NextStep::of($job, $views, $task),
            $task === null || $task->state === 'done' ? null : TaskView::of($task),
            $change->what ?? '',
            PrintOrder::SCHOOL,
            self::trapFigure($job),
            $job->trapMm === null,
            $job->acrossMm,
            $job->dropMm,
            FramingView::of($job->framing()),
            $found->kind,
            $found->kindWhy,
            $found->budgetMm === null ? null : self::budgetFigure($found->budgetMm, $found->budget),
            $found->budget,
            $found->thinBase,
            $found->witnesses,
            $job->toleranceSet,
            $job->baseFrom,
            $job->filmPrinter?->id,
            $job->filmProfile()->densitySentence(),
            $job->filmFormats,
            $job->stepWedge,
            $job->filmsPath === null ? null : FilmSetView::of($job->filmCheck),
            array_map(static fn (array $p): PositiveView => new PositiveView($p['name'], $p['hex'], $p['marks'], array_map(static fn (array $w): ThinPlaceView => new ThinPlaceView('line', $w['x_mm'], $w['y_mm'], $w['mm2'], 0.0), $p['weak'])), $job->positives),
            $job->filmProfile()->dpi,
        );
    }

    /** What is reckoned of the screens of a job. */
    public function screens(Job $job, StencilReckoner $stencils): ScreenReckoner
    {
        $own = array_map(static fn (OwnMesh $m): Mesh => $m->mesh(), $this->entities->getRepository(OwnMesh::class)->findBy([], ['threadsPerCm' => 'ASC']));
        $pairs = array_map(static fn (Mesh $m): string => $m->name().$m->dyed, $own);
        $typical = array_filter(MeshCatalogue::typical(), static fn (Mesh $m): bool => !\in_array($m->name().$m->dyed, $pairs, true));

        return new ScreenReckoner($job, $this->entities->getRepository(Frame::class)->findBy([], ['id' => 'ASC']), $this->taken($job), [...$typical, ...$own], $stencils->room->rulingDivisor);
    }

    /** What is reckoned of its times. */
    public function light(Job $job, StencilReckoner $stencils): LightReckoner
    {
        $seen = $this->entities->createQuery('SELECT s, e, l FROM '.Stencil::class.' s JOIN s.emulsion e JOIN s.lamp l WHERE s.sinkCheck IS NOT NULL AND s.burnedSeconds IS NOT NULL ORDER BY s.id ASC')->getResult();
        $looked = [];
        foreach (\is_array($seen) ? $seen : [] as $stencil) {
            if ($stencil instanceof Stencil) {
                $looked[] = $stencil;
            }
        }

        return new LightReckoner($job, $this->entities->getRepository(StepTest::class)->findBy([], ['id' => 'ASC']), $looked, $stencils);
    }

    public function summary(Job $job): JobSummaryView
    {
        $plates = $job->platesInOrder();
        $stands = match (true) {
            $job->separationPath === null => 'at the art',
            !$job->filmsAreCurrent() => 'at the films',
            array_filter($plates, static fn (Plate $p): bool => $p->frame === null) !== [] => 'at the screens',
            array_filter($plates, static fn (Plate $p): bool => $p->burnedSeconds === null) !== [] => 'under the light',
            default => 'on the press',
        };

        return new JobSummaryView($job->idOrFail(), $job->name, $job->customer, $job->garment, $job->garmentName, $job->garmentHex, $job->quantity, $job->dueOn, $job->widthMm, $job->heightMm(), array_map(static fn (Plate $p): string => $p->ink->hex ?? $p->hex, $plates), $job->separationPath !== null, self::pullKey($job), $stands);
    }

    public static function pullKey(Job $job): string
    {
        return substr(hash('sha256', serialize([$job->separationPath, $job->garmentHex, $job->substrate, array_map(static fn (Plate $p): array => [$p->drawing, $p->ink?->hex, $p->ink?->hiding], $job->platesInOrder())])), 0, 16);
    }

    /** @param array{ranked: list<RankedMesh>, mesh: Mesh, light: FigureView} $reckoned */
    private function plate(Job $job, Plate $plate, int $i, PrintStep $step, ScreenReckoner $screens, StencilReckoner $stencils, RegisterReckoner $register, array $reckoned): PlateView
    {
        $mesh = $reckoned['mesh'];
        $meshFigure = $screens->meshFigure($plate, $reckoned['ranked']);
        $placement = $plate->frame === null ? null : $screens->placement($plate->frame);
        $misfit = $register->of($plate);
        $isKey = $i === 0;
        $onFrame = $stencils->on($plate->frame);
        $first = $plate->frame === null || $plate->burnedSeconds !== null ? [] : ($onFrame !== null && $onFrame->burnedSeconds === null ? [] : RackAssignment::first($plate->frame->state));
        $sink = SinkCheckView::of($plate->sinkCheck);
        $screenSuits = $meshFigure->sign !== Sign::OutOfBounds && ($placement?->fits() ?? true);
        $stages = [
            'art' => $job->separationPath === null ? 'open' : 'ready',
            'plates' => $job->separationIsCurrent() ? 'ready' : 'open',
            'films' => $job->filmsAreCurrent() ? 'ready' : 'open',
            'screens' => $plate->frame === null ? 'open' : (!$screenSuits ? 'out' : ($first === [] ? 'ready' : 'open')),
            'light' => $plate->burnedSeconds === null ? 'open' : ($reckoned['light']->sign === 'out_of_bounds' || $sink?->canPrint === false ? 'out' : 'ready'),
            // The first plate is the key: the others are brought to it.
            'press' => $isKey ? ($plate->burnedSeconds === null ? 'open' : 'ready') : ($misfit === null ? 'open' : ($misfit->inRegister ? 'ready' : 'out')),
            'run' => 'waiting',
            'after' => 'waiting',
        ];

        return new PlateView(
            $plate->idOrFail(),
            $plate->position,
            $plate->drawing,
            $plate->name,
            $plate->role,
            $plate->hex,
            $plate->ink?->id,
            $plate->ink->name ?? '',
            $plate->ink->hex ?? $plate->hex,
            $plate->ink === null ? null : Ciede2000::between(Lab::of(Srgb::fromHex($plate->ink->hex)), Lab::of(Srgb::fromHex($plate->hex))),
            $plate->coveragePct,
            $plate->areaCm2,
            $plate->finestLineMm,
            $step->reason,
            $step->flashAfter,
            $step->flashReason,
            FigureView::of($meshFigure),
            FigureView::of($stencils->figure($plate, $mesh)),
            $reckoned['light'],
            FigureView::of($screens->offContactFigure($plate)),
            $plate->frame?->id,
            $plate->frame->label ?? '',
            $plate->burnedSeconds,
            $plate->gaugedEomUm,
            MeshView::of($mesh),
            $placement === null ? null : PlacementView::of($placement),
            $screens->shownMeshes($reckoned['ranked']),
            $screens->choices($plate),
            $misfit,
            $stages,
            $job->filmsAreCurrent() && \in_array('png', $job->filmFormats, true) ? FilmPlate::fileName($i + 1, $plate->name) : null,
            $plate->artHex,
            $plate->artAreaCm2,
            $plate->overprints,
            HoldingReckoner::of($plate, $mesh, $job->filmProfile()),
            $plate->artHex === null ? null : $job->thicken[$plate->artHex] ?? null,
            $plate->finestGapMm,
            $plate->lpi,
            $plate->angleDeg,
            $plate->tones,
            $plate->depositUm,
            $stencils->coat($plate, $mesh),
            $onFrame === null ? null : $stencils->view($onFrame),
            $plate->frame->state ?? '',
            $first,
            $plate->beforeLight,
            $sink,
        );
    }

    private static function trapFigure(Job $job): FigureView
    {
        $sigma = $job->press?->registerSigmaMm;

        return FigureView::of(new Figure(
            $job->trap(),
            'mm',
            $job->trapMm === null && $sigma !== null ? Sign::Measured : Sign::Reckoned,
            match (true) {
                $job->trapMm !== null => 'set by hand',
                $sigma !== null => 'register of this shop’s '.$job->press->name,
                default => 'trade default',
            },
            $job->trapMm !== null ? 'As you set it' : \sprintf('Twice the press’s register error: 2 × %.2f mm', $sigma ?? Press::USUAL_SIGMA_MM),
            [\sprintf('usual %.1f to %.1f mm', Trap::LEAST_MM, Trap::MOST_MM), 'the lighter plate spreads under its darker neighbour', \sprintf('under the darkest ink neighbours run on by %.1f mm', Trap::OVERPRINT_MM)],
            'Knock out, with a trap; the darkest ink overprints',
            'Strike-offs of this press tell how far its prints wander.',
        ));
    }

    /** @param list<PairBudgetView> $pairs */
    private static function budgetFigure(float $mm, array $pairs): FigureView
    {
        return FigureView::of(new Figure(
            $mm,
            'mm',
            $mm > 0 ? Sign::Reckoned : Sign::OutOfBounds,
            'geometry of the plates, to a film pixel',
            'The shortest way, anywhere on the print, between what only the one plate covers and what only its neighbour covers',
            array_map(static fn (PairBudgetView $p): string => \sprintf('%s and %s: %.2f mm', $p->one, $p->two, $p->mm), $pairs),
            '',
            $mm > 0 ? 'A wider trap makes it larger.' : 'Plates butt: any misfit shows. A trap gives room.',
        ));
    }

    /** @return array<int, string> frames held by any plate, by whom */
    private function taken(Job $job): array
    {
        $taken = [];
        $plates = $this->entities->createQuery('SELECT p, j, f FROM '.Plate::class.' p JOIN p.job j JOIN p.frame f')->getResult();
        if (\is_array($plates)) {
            foreach ($plates as $plate) {
                if ($plate instanceof Plate && $plate->frame !== null) {
                    $taken[$plate->frame->idOrFail()] = $plate->name.($plate->job === $job ? '' : ' of '.$plate->job->name);
                }
            }
        }

        return $taken;
    }
}
