<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameChange\FrameChange;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Exposure\SinkCheck;

/** Keeps the stencil on a frame in step with the plate that it carries: what was gauged, burned and seen at the sink. */
final readonly class PlateStencil
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function on(?Frame $frame): ?Stencil
    {
        return $frame === null ? null : $this->entities->getRepository(Stencil::class)->findOneBy(['frame' => $frame, 'goneOn' => null], ['id' => 'DESC']);
    }

    /**
     * After an undo: a plate is not burned again on a frame that was reclaimed, coated anew or burned for another since.
     *
     * @param \DateTimeImmutable|null $made when the change was made that is taken back
     */
    public function afterUndo(Job $job, \DateTimeImmutable $now, ?\DateTimeImmutable $made): void
    {
        foreach ($job->platesInOrder() as $plate) {
            $on = $this->on($plate->frame);
            $bare = $on === null && $plate->frame !== null && \in_array($plate->frame->state, ['bare', 'to stretch'], true);
            $another = $on !== null && (($on->plate !== null && $on->plate !== $plate) || ($on->burnedSeconds === null && $made !== null && $on->coatedAt > $made));
            if ($bare || $another) {
                $plate->burnedSeconds = $plate->sinkCheck = null;
                $plate->gaugedEomUm = $on?->burnedSeconds === null ? $on?->gaugedEomUm : null;
            }
            $this->follow($plate, $now);
        }
        $this->entities->flush();
    }

    /** A frame that a plate gives back burned is to be reclaimed. */
    public function givenBack(Frame $frame): void
    {
        if ($this->on($frame)?->burnedSeconds !== null) {
            $frame->state = 'to reclaim';
        }
    }

    /** After something was done to a frame: the plate on it, not burned yet, knows the gauge of what is on it now. */
    public function afterWork(Frame $frame): void
    {
        $holder = $this->entities->getRepository(Plate::class)->findOneBy(['frame' => $frame]);
        if ($holder !== null && $holder->burnedSeconds === null) {
            $on = $this->on($frame);
            $holder->gaugedEomUm = $on?->burnedSeconds === null ? $on?->gaugedEomUm : null;
            $this->entities->flush();
        }
    }

    public function follow(Plate $plate, \DateTimeImmutable $now): void
    {
        $frame = $plate->frame;
        if ($frame === null) {
            return;
        }
        $on = $this->on($frame);
        if ($on === null && ($plate->burnedSeconds !== null || $plate->gaugedEomUm !== null)) {
            $on = $this->untold($plate, $frame, $now);
        }
        if ($on === null) {
            return;
        }
        $mine = $on->plate === $plate || $on->burnedSeconds === null;
        if ($plate->burnedSeconds !== null) {
            $anew = $on->burnedSeconds !== $plate->burnedSeconds || $on->lampHours === null;
            if ($on->burnedSeconds !== $plate->burnedSeconds) {
                $this->entities->persist(new FrameChange($frame, $now, mb_strimwidth(\sprintf('Burned %g s with %s of %s', $plate->burnedSeconds, $plate->name, $plate->job->name), 0, 160, '…'), null));
            }
            $on->plate = $plate;
            $on->burnedSeconds = $plate->burnedSeconds;
            if ($anew) {
                // The lamp that it was burned with: the job may stand under another one later.
                $on->lamp = $plate->job->lamp;
                $on->lampHours = $plate->job->lamp?->hours;
            }
            if ($anew || $on->gaugedEomUm !== $plate->gaugedEomUm) {
                $on->gaugedEomUm = $plate->gaugedEomUm;
                $on->thicknessUm = $frame->mesh()->thicknessUm + StencilReckoner::of($this->entities, $now)->eomUm($plate, $frame->mesh());
            }
            if ($plate->sinkCheck !== null && $on->sinkCheck !== $plate->sinkCheck) {
                $this->entities->persist(new FrameChange($frame, $now, 'At the sink: '.(new SinkCheck(...$plate->sinkCheck))->words(), null));
            }
            $on->sinkCheck = $plate->sinkCheck;
            if ($frame->state !== 'on press') {
                $frame->state = 'burned';
            }
        } elseif ($mine) {
            if ($on->burnedSeconds !== null) {
                $this->entities->persist(new FrameChange($frame, $now, 'Was not burned after all', null));
            }
            $on->plate = null;
            $on->burnedSeconds = $on->lamp = $on->lampHours = $on->thicknessUm = $on->sinkCheck = null;
            $on->gaugedEomUm = $plate->gaugedEomUm;
            if ($frame->state !== 'on press') {
                $frame->state = 'coated';
            }
        }
    }

    /** A screen that was coated without a word: what was gauged on it teaches nothing about recipes. */
    private function untold(Plate $plate, Frame $frame, \DateTimeImmutable $now): Stencil
    {
        $coating = StencilReckoner::of($this->entities, $now)->recipe($frame->mesh(), $plate->job->emulsion);
        $stencil = new Stencil($frame, $plate->job->emulsion, $now, $now, $coating->edge, $coating->printCoats, $coating->squeegeeCoats, false, false, $frame->threadsPerCm, $frame->threadUm, $frame->dyed, $frame->sheetOpeningUm, $frame->sheetThicknessUm);
        $this->entities->persist($stencil);
        $this->entities->flush();

        return $stencil;
    }
}
