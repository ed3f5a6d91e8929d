<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;

/** The choices made for a picture in one ink. */
final readonly class OneInkPlan implements Plan
{
    /** @param int|null $ink number of the ink of the shelf; null for the one furthest from the garment */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public ?int $ink = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::OneInk;
    }
}
