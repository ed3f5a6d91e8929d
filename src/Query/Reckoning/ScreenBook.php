<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\BestFrames;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Plate\PlateAsks;
use Ektype\Core\Choice\MeshAdvice;
use Ektype\Core\Choice\MeshFigure;
use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\RankedMesh;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mix\MixSteps;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Press\PlateToOrder;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Figure;

/** The screens of a job at one moment: mesh, order, light, stencil and off-contact of each plate. */
final class ScreenBook
{
    /** @var list<Plate> in print order */
    public readonly array $plates;
    /** @var array<int, MeshAdvice> by place in the order */
    private array $advice = [];
    /** @var list<Figure>|null */
    private ?array $light = null;

    public function __construct(public readonly Job $job, private readonly Snapshot $shop)
    {
        $this->plates = $job->platesInOrder();
    }

    public function asks(Plate $plate): MeshQuestion
    {
        return PlateAsks::of($plate, $this->shop->room()->rulingDivisor);
    }

    /** @return list<RankedMesh> best first */
    public function ranked(Plate $plate): array
    {
        return MeshSuggestion::rank($this->asks($plate), $this->shop->meshes());
    }

    /** The frame that a plate has or should take, what the print pays for it, and what to stretch where that is too much. */
    public function advice(int $i): MeshAdvice
    {
        return $this->advice[$i] ??= $this->advise($this->plates[$i]);
    }

    private function advise(Plate $plate): MeshAdvice
    {
        $asks = $this->asks($plate);
        $own = $plate->frame === null ? null : MeshSuggestion::judge($plate->frame->mesh(), $asks);
        if ($own?->inPrint === []) {
            return new MeshAdvice($own, $plate->frame->label, true, $own);
        }
        $ideal = $this->ranked($plate)[0];
        if ($own?->holds === true) {
            return new MeshAdvice($own, $plate->frame->label, true, $ideal);
        }
        $best = $this->shop->setFor($this->job)->frameFor($plate);
        $take = $best === null ? null : MeshSuggestion::judge($best->mesh(), $asks);

        return $own === null
            ? new MeshAdvice($take ?? $ideal, $best?->label, false, $ideal)
            : new MeshAdvice($own, $plate->frame->label, true, $ideal, $take?->holds === true);
    }

    /** The mesh that a plate stands on, or that of the best frame for it. */
    public function mesh(int $i): Mesh
    {
        return $this->advice($i)->take->mesh;
    }

    public function meshOf(Plate $plate): Mesh
    {
        return $this->mesh((int) array_search($plate, $this->plates, true));
    }

    public function meshFigure(int $i): Figure
    {
        return MeshFigure::of($this->asks($this->plates[$i]), $this->advice($i));
    }

    public function stencilFigure(int $i): Figure
    {
        return $this->shop->stencilBook()->figure($this->plates[$i], $this->mesh($i));
    }

    public function lightFigure(int $i): Figure
    {
        $this->light ??= $this->shop->lightBook()->figures(
            $this->job,
            array_map(fn (int $k): PlateOnMesh => new PlateOnMesh($this->plates[$k], $this->mesh($k)), array_keys($this->plates)),
        );

        return $this->light[$i];
    }

    public function offContactFigure(int $i): Figure
    {
        $frame = $this->plates[$i]->frame;

        return OffContact::figure($frame?->tensionNPerCm, $this->job->substrate, $frame?->label, $frame?->insideHeightMm, $this->job->onPress->seamMm);
    }

    public function placement(Plate $plate): ?FilmPlacement
    {
        return $plate->frame === null ? null : BestFrames::print($this->job)->on(
            $plate->frame->insideWidthMm,
            $plate->frame->insideHeightMm,
        );
    }

    /** Why the frame of a plate suits it badly; empty where it suits, or none is chosen. */
    public function unsuited(int $i): string
    {
        $plate = $this->plates[$i];

        return match (true) {
            $plate->frame === null => '',
            $this->advice($i)->isWrong() => 'its mesh does not hold the finest of it',
            ($this->placement($plate)->fits ?? true) === false => 'the print takes more of it than is usual',
            default => '',
        };
    }

    /** @return list<string> what must be done to the frame of a plate before it can be burned */
    public function first(Plate $plate): array
    {
        if ($plate->frame === null || $this->shop->burnedSeconds($plate) !== null) {
            return [];
        }

        return $this->shop->stencilOf($plate) !== null ? [] : $plate->frame->state->first();
    }

    /** @return list<PrintStep> */
    public function steps(): array
    {
        return MixSteps::of($this->job->method() ?? MethodName::Spot, array_map(static fn (Plate $p): PlateRole => $p->role, $this->plates)) ?? PrintOrder::inGivenOrder(
            array_keys($this->plates),
            array_map(
                fn (Plate $p, int $i): PlateToOrder => new PlateToOrder(
                    $p->role,
                    $p->lab(),
                    $p->coveragePct / 100,
                    $this->mesh($i)->threadsPerCm,
                    $this->touches($p),
                ),
                $this->plates,
                array_keys($this->plates),
            ),
            Lab::of(Srgb::fromHex($this->job->garmentHex)),
        );
    }

    /** @return list<int>|null plates that have an edge with it, as the separation found them; null where none was looked for */
    private function touches(Plate $plate): ?array
    {
        $budget = $this->job->findings()->budget ?? [];
        // Dots and overprints lie over each other, wherever their edges are.
        if ($budget === [] || array_filter($this->plates, static fn (Plate $p): bool => $p->overprints || $p->printsTones()) !== []) {
            return null;
        }
        $touches = [];
        foreach ($this->plates as $i => $other) {
            foreach ($budget as $pair) {
                if ($other !== $plate && \in_array($plate->name, [$pair->one, $pair->two], true) && \in_array($other->name, [$pair->one, $pair->two], true)) {
                    $touches[] = $i;
                }
            }
        }

        return array_values(array_unique($touches));
    }
}
