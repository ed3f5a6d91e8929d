<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Separation\MethodName;

/** The choices made for a picture in one ink. */
final readonly class OneInkPlan implements TonalPlan
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

    public function work(): ToneWork
    {
        return $this->work;
    }

    public function dots(): PlannedDots
    {
        return $this->dots;
    }

    public function worked(ToneWork $work, PlannedDots $dots): self
    {
        return new self($work, $dots, $this->ink);
    }
}
