<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshQuestion;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Mesh\RankedMesh;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Rack\RackAssignment;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** Reckons the screen of a plate: its mesh, the frames that could carry it, stencil, off-contact and placement. */
final readonly class ScreenReckoner
{
    /** Tension taken for a plate without a frame, N/cm: the middle of workable (heuristic). */
    private const USUAL_TENSION = 22.0;
    private const SHOWN_MESHES = 5;
    private const SHOWN_FRAMES = 14;

    /**
     * @param list<Frame>        $rack
     * @param array<int, string> $taken   frame id => plate and job that hold it
     * @param list<Mesh>         $meshes  to choose from: the typical ones and the shop’s own
     * @param float              $divisor school of the shop: lines per inch times this is the coarsest mesh per inch
     */
    public function __construct(private Job $job, private array $rack, private array $taken, private array $meshes, private float $divisor)
    {
    }

    /** @return list<RankedMesh> the trade's meshes, best first */
    public function ranked(Plate $plate): array
    {
        return MeshSuggestion::rank($this->question($plate), $this->meshes);
    }

    /** @param list<RankedMesh> $ranked */
    public function meshOf(Plate $plate, array $ranked): Mesh
    {
        return $plate->frame?->mesh() ?? $ranked[0]->mesh;
    }

    /** @param list<RankedMesh> $ranked */
    public function meshFigure(Plate $plate, array $ranked): Figure
    {
        $judged = $plate->frame === null ? $ranked[0] : MeshSuggestion::rank($this->question($plate), [$plate->frame->mesh()])[0];
        $mesh = $judged->mesh;
        [$from, $to, $for] = MeshSuggestion::usualRange($this->question($plate));

        return new Figure(
            $mesh->threadsPerCm,
            'threads/cm–µm',
            $judged->holds ? ($plate->frame === null ? Sign::Reckoned : Sign::Measured) : Sign::OutOfBounds,
            $plate->frame === null ? 'trade default' : 'frame '.$plate->frame->label.' of this shop',
            $judged->why,
            [
                \sprintf('usual for %s: %.0f to %.0f threads per inch', $for, $from, $to),
                $plate->finestLineMm === null ? 'all lines are bold' : \sprintf('finest line of the plate about %.2f mm', $plate->finestLineMm),
                $plate->finestGapMm === null ? 'all gaps are wide' : \sprintf('finest gap of the plate about %.2f mm; the mesh keeps walls of %.2f mm', $plate->finestGapMm, $mesh->finestGapMm()),
                \sprintf('pitch %.1f µm, opening %.1f µm%s, open area %.1f %%', $mesh->pitchUm, $mesh->openingUm, $mesh->fromSheet ? ' (data sheet)' : '', $mesh->openAreaPct),
            ],
            'Finest printed line about one pitch of the mesh'.($plate->lpi === null ? '' : \sprintf('; threads per inch by %g for the ruling', $this->divisor)),
            'A finer line in the art, another ink or another garment asks for another mesh.',
            text: $mesh->name(),
        );
    }

    public function offContactFigure(Plate $plate): Figure
    {
        $tension = $plate->frame === null ? self::USUAL_TENSION : $plate->frame->tensionNPerCm;

        return new Figure(
            OffContact::mm($tension, $this->job->substrate),
            'mm',
            $tension < OffContact::RE_MESH_UNDER ? Sign::OutOfBounds : Sign::Reckoned,
            'trade default',
            'By tension: 15 N/cm 4.5 mm, 20 N/cm 3.2, 25 N/cm 2.2, 30 and more 1.6; fleece twice',
            [$plate->frame === null ? \sprintf('tension taken as %.0f N/cm until a frame is chosen', $tension) : \sprintf('frame %s at %.1f N/cm', $plate->frame->label, $tension), 'on '.$this->job->substrate],
            'Measured from the garment, as low as still snaps off',
            $tension < OffContact::RE_MESH_UNDER ? 'Under 15 N/cm the screen needs new mesh: it drags the print out of register.' : 'A tighter frame lets it come down.',
        );
    }

    public function placement(Frame $frame): FilmPlacement
    {
        $fromEnd = $this->job->press === null ? $frame->insideHeightMm / 2 : min($this->job->press->centreFromEndMm, $frame->insideHeightMm);

        return new FilmPlacement($frame->insideWidthMm, $frame->insideHeightMm, $this->job->widthMm, $this->job->heightMm(), $fromEnd);
    }

    /** @return list<FrameChoiceView> best first */
    public function choices(Plate $plate): array
    {
        $choices = [];
        foreach ($this->rack as $frame) {
            $judged = MeshSuggestion::rank($this->question($plate), [$frame->mesh()])[0];
            $placement = $this->placement($frame);
            $takenBy = $this->taken[$frame->idOrFail()] ?? '';
            $mine = $plate->frame === $frame;
            $cost = $judged->cost + ($placement->fits() ? 0 : 20) + ($takenBy === '' || $mine ? 0 : 40)
                + ($frame->tensionNPerCm < OffContact::RE_MESH_UNDER ? 10 : 0) + match ($frame->state) {
                    'to reclaim', 'burned' => 0.5,
                    'to stretch' => 15,
                    'on press' => 40,
                    default => 0,
                };
            $first = RackAssignment::first($frame->state);
            $why = $judged->why.' '.$placement->sentence().\sprintf(' Tension %.1f N/cm.', $frame->tensionNPerCm);
            $choices[] = [$cost, new FrameChoiceView($frame->idOrFail(), $frame->label, $frame->mesh()->name(), $frame->tensionNPerCm, $frame->state, $placement->fits(), $judged->holds, $why, $mine ? '' : $takenBy, $first)];
        }
        usort($choices, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $choice): FrameChoiceView => $choice[1], \array_slice($choices, 0, self::SHOWN_FRAMES));
    }

    /**
     * @param list<RankedMesh> $ranked
     *
     * @return list<RankedMeshView>
     */
    public function shownMeshes(array $ranked): array
    {
        return array_map(function (RankedMesh $r): RankedMeshView {
            $inRack = \count(array_filter($this->rack, static fn (Frame $f): bool => $f->threadsPerCm === $r->mesh->threadsPerCm && $f->threadUm === $r->mesh->threadUm));

            return new RankedMeshView(MeshView::of($r->mesh), $r->holds, $r->why, $inRack);
        }, \array_slice($ranked, 0, self::SHOWN_MESHES));
    }

    public function question(Plate $plate): MeshQuestion
    {
        return new MeshQuestion(
            $plate->role(),
            $this->job->substrate,
            $plate->ink->kind ?? 'plastisol',
            $plate->finestLineMm,
            $plate->lpi,
            Lab::of(Srgb::fromHex($this->job->garmentHex)),
            $plate->finestGapMm,
            $plate->tones,
            $plate->depositUm,
            $this->divisor,
        );
    }
}
