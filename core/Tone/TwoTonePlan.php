<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;

/** The choices made for a picture in a dark and a light ink. */
final readonly class TwoTonePlan implements TonalPlan
{
    /**
     * @param int|null    $dark       number of the ink of the shelf; null for the darkest
     * @param int|null    $light      null for the lightest
     * @param float|null  $holdBackMm null for one film pixel
     * @param Middle|null $middle     null looks at the picture
     * @param Laying|null $laying     of the light ink; null goes by the garment
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public ?int $dark = null,
        public ?int $light = null,
        public ?float $holdBackMm = null,
        public ?Middle $middle = null,
        public ?Laying $laying = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::TwoTone;
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
        return new self($work, $dots, $this->dark, $this->light, $this->holdBackMm, $this->middle, $this->laying);
    }
}
