<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\UnreadableRequest;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Unit\Point;

/** Where a plate landed at a mark, less where the key landed, mm; a mark without a name is called by its place. */
final readonly class MarkAsked
{
    public function __construct(public Point $atMm, public Point $offMm, public ?string $mark = null)
    {
    }

    /** @param string $path where it stands in the input */
    public function reading(string $path): Reading
    {
        if (max(abs($this->offMm->xMm), abs($this->offMm->yMm)) > Reading::LARGEST_OFF_MM) {
            throw UnreadableRequest::at(
                $path.'.off_mm',
                \sprintf(
                    '(%g, %g) mm off is no misfit but another place or unit; up to %.0f mm is. Check the figure and its unit.',
                    $this->offMm->xMm,
                    $this->offMm->yMm,
                    Reading::LARGEST_OFF_MM,
                ),
            );
        }
        if (max(abs($this->atMm->xMm), abs($this->atMm->yMm)) > Reading::FARTHEST_MM) {
            throw UnreadableRequest::at(
                $path.'.at_mm',
                \sprintf('A mark at (%g, %g) mm lies on no print. Check the figure and its unit.', $this->atMm->xMm, $this->atMm->yMm),
            );
        }

        return new Reading(
            $this->mark ?? \sprintf('%.1f, %.1f', $this->atMm->xMm, $this->atMm->yMm),
            $this->atMm->xMm,
            $this->atMm->yMm,
            $this->offMm->xMm,
            $this->offMm->yMm,
        );
    }
}
