<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Frame;

use Ektype\App\Shop\Shelf;
use Ektype\Core\Mesh\Mesh;

/**
 * The frames of the rack.
 *
 * @extends Shelf<Frame>
 */
final readonly class Frames extends Shelf
{
    protected static function kind(): string
    {
        return Frame::class;
    }

    public function labelled(string $label): ?Frame
    {
        return $this->shelf()->findOneBy(['label' => $label]);
    }

    /** @return list<Frame> coarse to fine */
    public function byMesh(): array
    {
        $frames = $this->shelf()->findBy([], ['threadsPerCm' => 'ASC']);
        // Frame 10 comes after frame 9.
        usort($frames, static fn (Frame $a, Frame $b): int => $a->threadsPerCm === $b->threadsPerCm ? strnatcmp($a->label, $b->label) : $a->threadsPerCm <=> $b->threadsPerCm);

        return $frames;
    }

    /** @return list<Frame> */
    public function carrying(Mesh $mesh): array
    {
        return $this->shelf()->findBy(['threadsPerCm' => $mesh->threadsPerCm, 'threadUm' => $mesh->threadUm, 'dyed' => $mesh->dyed]);
    }

    /** One more than the highest number that a frame carries; letters before it do not count. */
    public function nextNumber(): int
    {
        $numbers = array_map(
            static fn (Frame $f): int => ctype_digit($f->label) && \strlen($f->label) < 7 ? (int) $f->label : 0,
            $this->all(),
        );

        return max([0, ...$numbers]) + 1;
    }
}
