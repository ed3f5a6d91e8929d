<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Shelf;

/**
 * The plates of all jobs.
 *
 * @extends Shelf<Plate>
 */
final readonly class Plates extends Shelf
{
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
