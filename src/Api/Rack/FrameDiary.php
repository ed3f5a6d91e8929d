<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameChange\FrameChange;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Unit\Refusal;

/** The record of a frame: what happened to it, and back again. */
final readonly class FrameDiary
{
    private const FIELDS = ['label', 'state', 'threadsPerCm', 'threadUm', 'dyed', 'insideWidthMm', 'insideHeightMm', 'outsideWidthMm', 'outsideHeightMm', 'sheetOpeningUm', 'sheetThicknessUm', 'meshAngleDeg', 'rackPlace', 'stretchedOn', 'uses', 'stained', 'locked', 'tensionNPerCm'];
    private const SHOWN = 40;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** To be called before the change is made. */
    public function remember(Frame $frame, string $what): void
    {
        $of = $this->entities->getClassMetadata(Frame::class);
        $before = [];
        foreach (self::FIELDS as $field) {
            $before[$field] = $of->getFieldValue($frame, $field);
        }
        $on = $this->stencilOn($frame);
        $before['stencil'] = $on?->id;
        foreach ([TensionReading::class => 'readings', Stencil::class => 'stencils'] as $class => $name) {
            $last = $this->entities->getRepository($class)->findOneBy(['frame' => $frame], ['id' => 'DESC']);
            $before[$name] = $last->id ?? 0;
        }
        $this->entities->persist(new FrameChange($frame, new \DateTimeImmutable(), $what, $before));
    }

    /** What a job did to the frame: it stands in the record, and is taken back at the job. */
    public function note(Frame $frame, string $what): void
    {
        $this->entities->persist(new FrameChange($frame, new \DateTimeImmutable(), $what, null));
    }

    /** @throws Refusal where there is nothing that could be taken back here */
    public function undo(Frame $frame): void
    {
        $change = $this->last($frame) ?? throw Refusal::because('There is nothing to undo on this frame.');
        $before = $change->before ?? throw Refusal::because(\sprintf('“%s” was done at a job. Undo it there, so that its plate follows.', $change->what));
        $of = $this->entities->getClassMetadata(Frame::class);
        foreach (self::FIELDS as $field) {
            if (\array_key_exists($field, $before)) {
                $of->setFieldValue($frame, $field, $before[$field]);
            }
        }
        foreach ([TensionReading::class => 'readings', Stencil::class => 'stencils'] as $class => $name) {
            foreach ($this->entities->getRepository($class)->findBy(['frame' => $frame]) as $one) {
                if ($one->id > ($before[$name] ?? 0)) {
                    $this->entities->remove($one);
                }
            }
        }
        $stencil = \is_int($before['stencil'] ?? null) ? $this->entities->find(Stencil::class, $before['stencil']) : null;
        if ($stencil !== null) {
            $stencil->goneOn = null;
        }
        $this->entities->remove($change);
        $this->entities->flush();
    }

    public function last(Frame $frame): ?FrameChange
    {
        return $this->entities->getRepository(FrameChange::class)->findOneBy(['frame' => $frame], ['id' => 'DESC']);
    }

    /** @return list<FrameChange> latest first */
    public function lines(Frame $frame): array
    {
        return $this->entities->getRepository(FrameChange::class)->findBy(['frame' => $frame], ['id' => 'DESC'], self::SHOWN);
    }

    public function stencilOn(Frame $frame): ?Stencil
    {
        return $this->entities->getRepository(Stencil::class)->findOneBy(['frame' => $frame, 'goneOn' => null], ['id' => 'DESC']);
    }
}
