<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Shelf;
use Ektype\Core\Print\ByHand;

/**
 * The plates of all jobs.
 *
 * @extends Shelf<Plate>
 */
final readonly class Plates extends Shelf
{
    /** So far back a hand is remembered, plates. */
    private const LOOKED = 12;

    protected static function kind(): string
    {
        return Plate::class;
    }

    /** The plate that holds a frame. */
    public function on(Frame $frame): ?Plate
    {
        return $this->shelf()->findOneBy(['frame' => $frame]);
    }

    public function in(Ink $ink): ?Plate
    {
        return $this->shelf()->findOneBy(['ink' => $ink]);
    }

    /** @return list<Plate> all that hold a frame, with their jobs */
    public function onFrames(): array
    {
        return $this->asked('SELECT p, j, f FROM '.Plate::class.' p JOIN p.job j JOIN p.frame f ORDER BY p.id ASC');
    }

    /** What the hand chose last of how this ink is printed on this mesh, in another job. */
    public function handBefore(Plate $plate): ByHand
    {
        if ($plate->ink === null || $plate->frame === null) {
            return new ByHand();
        }
        foreach ($this->asked(
            'SELECT p, f FROM '.Plate::class.' p JOIN p.frame f WHERE p.ink = :ink AND p.job != :job AND f.threadsPerCm = :threads AND f.threadUm = :thread AND p.byHand NOT IN (\'{}\', \'[]\') ORDER BY p.id DESC',
            ['ink' => $plate->ink, 'job' => $plate->job, 'threads' => $plate->frame->threadsPerCm, 'thread' => $plate->frame->threadUm],
            self::LOOKED,
        ) as $other) {
            $hand = $other->byHand()->ofInkAndMesh();
            if (!$hand->isNothing()) {
                return $hand;
            }
        }

        return new ByHand();
    }

    /** How many plates of the open jobs have no burned screen of their own. */
    public function unburned(): int
    {
        $count = $this->entities->getConnection()->fetchOne(
            'SELECT COUNT(*) FROM plate p JOIN job j ON j.id = p.job_id WHERE j.finished_on IS NULL AND NOT EXISTS (
                SELECT 1 FROM stencil s WHERE s.frame_id = p.frame_id AND s.gone_on IS NULL AND s.burned_seconds IS NOT NULL AND (s.plate_id IS NULL OR s.plate_id = p.id))',
        );

        return is_numeric($count) ? (int) $count : 0;
    }
}
