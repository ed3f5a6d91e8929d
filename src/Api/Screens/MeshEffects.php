<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Api\Jobs\FigureView;
use Ektype\App\Api\Jobs\JobReckoner;
use Ektype\App\Api\Jobs\LightReckoner;
use Ektype\App\Api\Jobs\MeshView;
use Ektype\App\Api\Jobs\StencilReckoner;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Ink\Deposit;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Mesh\RankedMesh;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Separation\PlateRole;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** What changes when a plate's mesh changes: ink, grams for the run, light and cover. */
final readonly class MeshEffects
{
    private const BEST = 6;
    private const RACK_TO = 12;
    private const STROKES_OF_A_BASE = 2;

    public function __construct(private EntityManagerInterface $entities, private JobReckoner $reckoner)
    {
    }

    /** @return list<MeshEffectView> coarse to fine: the mesh at hand, the best, and those of the rack that hold the plate */
    public function of(Plate $plate): array
    {
        $job = $plate->job;
        $stencils = StencilReckoner::of($this->entities, new \DateTimeImmutable());
        $screens = $this->reckoner->screens($job, $stencils);
        $ranked = $screens->ranked($plate);
        $here = $screens->meshOf($plate, $ranked);
        $frames = $this->entities->getRepository(Frame::class)->findAll();
        $inRack = [];
        foreach ($frames as $frame) {
            $inRack[$frame->mesh()->name()] = ($inRack[$frame->mesh()->name()] ?? 0) + 1;
        }
        $shown = [];
        foreach (MeshSuggestion::rank($screens->question($plate), [$here, ...array_map(static fn (RankedMesh $r): Mesh => $r->mesh, $ranked)]) as $i => $one) {
            $name = $one->mesh->name();
            if (!isset($shown[$name]) && (\count($shown) < self::BEST || $name === $here->name() || ($one->holds && isset($inRack[$name]) && $i < self::RACK_TO))) {
                $shown[$name] = [$i + 1, $name === $here->name() ? new RankedMesh($here, $one->cost, $one->holds, $one->why) : $one];
            }
        }
        $meshes = array_values(array_map(static fn (array $s): Mesh => $s[1]->mesh, $shown));
        // Another mesh is another stencil: what was gauged on this one is left aside.
        $light = $this->reckoner->light($job, $stencils);
        $times = $light->times(array_map(static fn (Mesh $m): array => [$plate, $m], $meshes));
        $rows = [];
        foreach (array_values($shown) as $i => [$rank, $one]) {
            $rows[] = $this->row($plate, $one, $rank, $here, $inRack[$one->mesh->name()] ?? 0, $times[$i][1] ?? null, $stencils->eomUm($plate, $one->mesh), $light);
        }
        usort($rows, static fn (MeshEffectView $a, MeshEffectView $b): int => [$a->mesh->threadsPerCm, $a->mesh->threadUm] <=> [$b->mesh->threadsPerCm, $b->mesh->threadUm]);

        return $rows;
    }

    private function row(Plate $plate, RankedMesh $one, int $rank, Mesh $here, int $inRack, ?PredictedTime $time, float $eomUm, LightReckoner $light): MeshEffectView
    {
        $job = $plate->job;
        $kind = isset(Deposit::DENSITIES[$plate->ink->kind ?? '']) ? $plate->ink->kind ?? 'plastisol' : 'plastisol';
        $strokes = $plate->role() === PlateRole::Base ? self::STROKES_OF_A_BASE : 1;
        $deposit = new Deposit($one->mesh, $kind, $strokes, $eomUm);
        $grams = $deposit->grams($plate->areaCm2, $job->quantity);
        $hiding = $deposit->hiding($plate->ink->hiding ?? 0.93) * (1 - PulledPrint::sinks($job->substrate));
        $ink = Srgb::fromHex($plate->ink->hex ?? $plate->hex);
        $seen = (new PrintedLayers())->over(Srgb::fromHex($job->garmentHex), [[$ink, 1.0, $hiding]]);
        $off = Ciede2000::between(Lab::of($seen), Lab::of($ink));
        $tones = $plate->lpi === null ? null : ToneRange::on($one->mesh, $plate->lpi);

        return new MeshEffectView(
            MeshView::of($one->mesh),
            $one->mesh->name() === $here->name(),
            $inRack,
            $rank,
            $one->holds,
            $one->why,
            FigureView::of(new Figure($deposit->wetUm, 'µm', Sign::Reckoned, 'geometry, trade default', 'Open area × thickness of the fabric × 0.8 that leaves it × strokes', [\sprintf('mesh passes %.1f cm³/m²', $one->mesh->volumeCm3M2), \sprintf('%d stroke%s', $strokes, $strokes === 1 ? '' : 's, the second adds a quarter'), \sprintf('in the finest lines %.0f µm: the stencil’s well adds to it', $deposit->fineWetUm)], '', 'Weigh ink before and after a run.', $deposit->wetLowUm, $deposit->wetHighUm, between: 'as more or less leaves the mesh')),
            FigureView::of(new Figure($grams, 'g', Sign::Reckoned, 'geometry, trade default', 'Printed area × wet ink × density × prints', [\sprintf('%.0f cm² a print, %d prints', $plate->areaCm2, $job->quantity), \sprintf('density %.2f g/cm³ for %s', Deposit::DENSITIES[$kind], $kind)], '', 'Waste and what stays on the screen come on top.', $deposit->grams($plate->areaCm2, $job->quantity, $deposit->wetLowUm), $deposit->grams($plate->areaCm2, $job->quantity, $deposit->wetHighUm), between: 'as more or less leaves the mesh')),
            FigureView::of(new Figure($time?->seconds, 's', Sign::Reckoned, $time === null ? 'none yet' : $light->source($time), 'Lamp × emulsion × thickness × yellow mesh × age of the lamp, as the shop’s tests have taught it', [\sprintf('%.0f µm of fabric and stencil', $one->mesh->thicknessUm + $eomUm), $one->mesh->dyed ? 'yellow mesh' : 'white mesh'], '', 'Another mesh is another stencil: test it once.', $time?->lowS, $time?->highS)),
            FigureView::of(new Figure(100 * $hiding, '%', Sign::Reckoned, 'trade default', 'The ink’s hiding power for this much ink, less what sinks into the cloth', [\sprintf('%s hides %.0f %% through 61–64', $plate->ink->name ?? 'the ink', 100 * ($plate->ink->hiding ?? 0.93)), \sprintf('straight on %s it looks ΔE00 %.0f off its own colour', $job->garmentName === '' ? $job->garmentHex : $job->garmentName, $off)], '', 'A base under it hides the garment first.')),
            $seen->hex(),
            $tones === null ? '' : ($tones->holdsAny() ? \sprintf('%.0f–%.0f %%', 100 * $tones->lightest, 100 * $tones->darkest) : 'none'),
        );
    }
}
