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
}
