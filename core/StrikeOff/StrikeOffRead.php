<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Registration\Reading;

/** What the scan of a strike-off shows: each target of each plate, and how it lay. */
final readonly class StrikeOffRead
{
    /**
     * @param list<TargetRead> $targets
     * @param float            $turnedDeg as it lay on the glass, anticlockwise; upside down is near 180
     * @param float            $sizePct   of the print on the scan against the films, across and along, as a mean
     * @param list<string>     $says      plain sentences
     */
    public function __construct(
        public array $targets,
        public float $turnedDeg,
        public bool $upsideDown,
        public float $sizePct,
        public array $says,
    ) {
    }

    /** @return list<Reading> of a plate, by its place in the print order; in the axes of the print as it was drawn */
    public function readings(int $plate): array
    {
        $readings = [];
        foreach ($this->targets as $target) {
            if ($target->plate === $plate && $target->off !== null) {
                $readings[] = new Reading($target->corner, $target->at->xMm, $target->at->yMm, $target->off->xMm, $target->off->yMm);
            }
        }

        return $readings;
    }
}
