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
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\Moire;
use Ektype\Core\Mesh\MoireFigure;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Order\WhatChanges;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Print\Drawn;
use Ektype\Core\Print\FrameAtHand;
use Ektype\Core\Print\InkToPrint;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Registration\DragSeen;
use Ektype\Core\Screen\StencilModel;
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
    private ?PrintPlan $print = null;
    /** @var list<LineChange>|null */
    private ?array $changes = null;

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

    /** The pattern of a plate’s dots with the mesh that it stands on or should take; null where it has none. */
    public function pattern(int $i, ?Halftone $dots = null): ?MoireFigure
    {
        $plate = $this->plates[$i];
        $dots ??= $plate->lpi === null ? null : new Halftone($plate->lpi, $plate->angleDeg ?? Halftone::SAFE_ANGLE);
        if ($dots === null) {
            return null;
        }
        $turned = $plate->frame->meshAngleDeg ?? 0.0;

        return new MoireFigure($this->mesh($i), $turned, $dots, (new Moire($this->mesh($i), $turned))->beats($dots->lpi, $dots->angleDeg));
    }

    /** The loudest pattern of all plates with their meshes, in a sentence; empty where none has dots. */
    public function patternsSay(): string
    {
        $loudest = null;
        foreach ($this->plates as $i => $plate) {
            $figure = $this->pattern($i);
            if ($figure !== null && ($loudest === null || $figure->strength->value > $loudest[0])) {
                $loudest = [$figure->strength->value ?? 0.0, \sprintf('%s on %s: %s', $plate->name, $this->mesh($i)->name, lcfirst($figure->says))];
            }
        }

        return match (true) {
            $loudest === null => '',
            $loudest[0] < Moire::SEEN => 'Calm on the meshes of all plates.',
            default => $loudest[1],
        };
    }

    public function stencilFigure(int $i): Figure
    {
        return $this->shop->stencilBook()->figure($this->plates[$i], $this->mesh($i));
    }

    /** Emulsion that its screen takes, ml. */
    public function emulsionMl(int $i): float
    {
        $frame = $this->plates[$i]->frame;
        $usual = FrameAtHand::usual();

        return StencilModel::emulsionMl($this->shop->stencilBook()->recipe($this->mesh($i), $this->job->emulsion), $frame->insideWidthMm ?? $usual->insideWidthMm, $frame->insideHeightMm ?? $usual->insideHeightMm);
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

        return OffContact::figure($frame?->tensionNPerCm, $this->job->substrate, $frame?->label, $frame?->insideHeightMm, $this->job->onPress->seamMm, $this->plates[$i]->byHand()->offContactMm);
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
        return PrintLaw::steps($this->toPrint());
    }

    /** How the job is printed; null where it has no plates. */
    public function print(): ?PrintPlan
    {
        return $this->print ??= $this->plates === [] ? null : PrintLaw::of($this->toPrint($this->shop->dragsOn($this->job->press)));
    }

    /** @return list<LineChange> what each garment of the order changes; one where nobody counted by sizes */
    public function changes(): array
    {
        return $this->changes ??= array_map(fn (GarmentLine $line): LineChange => WhatChanges::on($line, $this->toPrint()), $this->job->garments());
    }

    /** Pieces of the order that a plate prints on. */
    public function piecesOf(Plate $plate): int
    {
        return array_sum(array_map(static fn (LineChange $c): int => \in_array($plate->idOrFail(), $c->leftOut, true) ? 0 : $c->pieces, $this->changes()));
    }

    /** @var list<PlateToPrint>|null */
    private ?array $toPrint = null;

    /** @param list<DragSeen> $drags what strike-offs on its press have shown */
    public function toPrint(array $drags = []): JobToPrint
    {
        $job = $this->job;

        return new JobToPrint(
            $this->toPrint ??= array_map($this->plateToPrint(...), $this->plates, array_keys($this->plates)),
            $job->clothToPrint(),
            $job->press?->atHand() ?? PressAtHand::none(),
            $job->method() ?? MethodName::usual(),
            new SizeOfPrint($job->widthMm, $job->heightMm()),
            $job->onPress->pull,
            registerWay: $job->onPress->way($job->substrate),
            drags: $drags,
            pieces: max(1, $job->quantity),
            keyId: $job->key()?->id,
        );
    }

    private function plateToPrint(Plate $plate, int $i): PlateToPrint
    {
        $frame = $plate->frame;

        return new PlateToPrint(
            $plate->idOrFail(),
            $plate->name,
            $plate->role,
            new InkToPrint($plate->ink->name ?? $plate->name, $plate->ink->kind ?? InkKind::Plastisol, Lab::of($plate->printedIn()), $plate->ink !== null),
            new Drawn($plate->lab(), $plate->areaCm2, $plate->coveragePct / 100, $plate->finestLineMm, $plate->printsTones(), $plate->isWhiteBase()),
            $this->mesh($i),
            frame: $frame === null ? FrameAtHand::usual() : new FrameAtHand($frame->label, $frame->insideWidthMm, $frame->insideHeightMm, $frame->tensionNPerCm),
            touches: $this->touches($plate),
            solvedFor: $plate->solvedFor(),
            byHand: $plate->byHand(),
            before: $this->shop->shelves->plates->handBefore($plate),
        );
    }

    /** @return list<int>|null numbers of plates that have an edge with it, as the separation found them; null where none was looked for */
    private function touches(Plate $plate): ?array
    {
        $budget = $this->job->findings()->budget ?? [];
        // Dots and overprints lie over each other, wherever their edges are.
        if ($budget === [] || array_filter($this->plates, static fn (Plate $p): bool => $p->overprints || $p->printsTones()) !== []) {
            return null;
        }
        $touches = [];
        foreach ($this->plates as $other) {
            foreach ($budget as $pair) {
                if ($other !== $plate && \in_array($plate->name, [$pair->one, $pair->two], true) && \in_array($other->name, [$pair->one, $pair->two], true)) {
                    $touches[] = $other->idOrFail();
                }
            }
        }

        return array_values(array_unique($touches));
    }
}
