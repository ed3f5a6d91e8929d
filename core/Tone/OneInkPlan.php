<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in one ink. */
final readonly class OneInkPlan implements TonalPlan
{
    /** @param int|null $ink number of the ink of the shelf; null for the one furthest from the garment */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        #[Chosen('ink', 'ink', 1, 2_000_000_000, 'the one furthest from the garment')]
        public ?int $ink = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::OneInk;
    }

    public function work(): ToneWork
    {
        return $this->work;
    }

    public function dots(): PlannedDots
    {
        return $this->dots;
    }
}
