<?php

declare(strict_types=1);

namespace Ektype\App\Query;

use Ektype\App\Query\Reckoning\LightBook;
use Ektype\App\Query\Reckoning\StencilBook;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\App\Shop\Frame\BestFrames;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Press\Press;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\Stencil\Stencils;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Registration\DragSeen;

/** The shop at one moment, each shelf loaded once and only when something is asked of it. */
final class Snapshot
{
    private ?DarkRoom $room = null;
    /** @var list<Frame>|null */
    private ?array $frames = null;
    /** @var list<Stencil>|null */
    private ?array $counted = null;
    /** @var array<int, Stencil>|null by frame */
    private ?array $stencils = null;
    /** @var list<Plate>|null */
    private ?array $held = null;
    /** @var list<StepTest>|null */
    private ?array $tests = null;
    /** @var list<Mesh>|null */
    private ?array $meshes = null;
    /** @var list<Ink>|null */
    private ?array $inks = null;
    /** @var array<int, BestFrames> by job */
    private array $sets = [];
    /** @var array<int, list<DragSeen>> by press */
    private array $drags = [];
    private ?StencilBook $stencilBook = null;
    private ?LightBook $lightBook = null;

    public function __construct(public readonly Shelves $shelves, public readonly \DateTimeImmutable $now)
    {
    }

    public function room(): DarkRoom
    {
        return $this->room ??= $this->shelves->light->darkRooms->ours();
    }

    /** @return list<Frame> */
    public function frames(): array
    {
        return $this->frames ??= $this->shelves->screens->frames->all();
    }

    /** The stencil that is on a frame now. */
    public function on(?Frame $frame): ?Stencil
    {
        if ($this->stencils === null) {
            $this->stencils = [];
            foreach ($this->counted() as $stencil) {
                if ($stencil->goneOn === null) {
                    $this->stencils[$stencil->frame->idOrFail()] = $stencil;
                }
            }
        }

        return $frame === null ? null : $this->stencils[$frame->idOrFail()] ?? null;
    }

    /** @return list<Stencil> all that figures are reckoned from */
    public function counted(): array
    {
        return $this->counted ??= $this->shelves->screens->stencils->counted();
    }

    /** @return list<Stencil> all that are on a frame now */
    public function stencils(): array
    {
        $this->on(null);

        return array_values($this->stencils ?? []);
    }

    /** The stencil that a plate counts on: the one on its frame, where it is not burned for another. */
    public function stencilOf(Plate $plate): ?Stencil
    {
        $on = $this->on($plate->frame);

        return $on?->serves($plate) === true ? $on : null;
    }

    public function burnedSeconds(Plate $plate): ?float
    {
        return $this->stencilOf($plate)?->burnedSeconds();
    }

    /** @return list<Plate> that hold a frame, of all jobs */
    public function held(): array
    {
        return $this->held ??= $this->shelves->plates->onFrames();
    }

    /** @return list<StepTest> as they came */
    public function tests(): array
    {
        return $this->tests ??= $this->shelves->light->stepTests->all();
    }

    /** @return list<Ink> */
    public function inks(): array
    {
        return $this->inks ??= $this->shelves->printing->inks->all();
    }

    /** @return list<Mesh> to choose from: the typical ones and the shop’s own, whose data sheets stand for the typical */
    public function meshes(): array
    {
        if ($this->meshes === null) {
            $own = array_map(static fn ($m): Mesh => $m->mesh(), $this->shelves->screens->ownMeshes->all());
            usort($own, static fn (Mesh $a, Mesh $b): int => $a->threadsPerCm <=> $b->threadsPerCm);
            $pairs = array_map(static fn (Mesh $m): string => $m->name.$m->dyed, $own);
            $this->meshes = [
                ...array_values(
                    array_filter(MeshCatalogue::typical(), static fn (Mesh $m): bool => !\in_array($m->name.$m->dyed, $pairs, true)),
                ),
                ...$own,
            ];
        }

        return $this->meshes;
    }

    /** The best frames for the plates of a job that are not burned yet. */
    public function setFor(Job $job): BestFrames
    {
        return $this->sets[$job->idOrFail()] ??= BestFrames::of(
            $job,
            $this->frames(),
            $this->held(),
            $this->stencils(),
            $this->room()->rulingDivisor,
            $this->now,
            meshes: $this->meshes(),
        );
    }

    /** @return list<DragSeen> what strike-offs on a press have shown */
    public function dragsOn(?Press $press): array
    {
        return $press === null ? [] : $this->drags[$press->idOrFail()] ??= array_values(array_filter(array_map(static fn (Correction $c): ?DragSeen => $c->drag(), $this->shelves->light->corrections->firstReadOn($press))));
    }

    public function stencilBook(): StencilBook
    {
        return $this->stencilBook ??= new StencilBook($this, Stencils::gaugedOf($this->counted()));
    }

    public function lightBook(): LightBook
    {
        return $this->lightBook ??= new LightBook($this);
    }
}
