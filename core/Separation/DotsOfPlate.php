<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;

/** The dots of a plate that prints tones. */
final readonly class DotsOfPlate
{
    /**
     * @param Halftone $halftone ruling and angle as they came out
     * @param Tones    $range    tones that it was brought into
     */
    public function __construct(public Halftone $halftone, public Dot $dot, public Tones $range)
    {
    }
}
