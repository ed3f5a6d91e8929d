<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;

/** The choices made for a picture in dots of many opaque inks. */
final readonly class SimulatedPlan implements MixedPlan, MixPlan
{
    /** @param Laying|null $laying of the base; null goes by the garment */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public InkWish $inks = new InkWish(),
        public OrderSchool $order = OrderSchool::LightToDark,
        public ?Laying $laying = null,
        public PlateCurves $curves = new PlateCurves(),
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::Simulated;
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
        return new self($work, $dots, $this->inks, $this->order, $this->laying, $this->curves);
    }

    public function inks(): InkWish
    {
        return $this->inks;
    }

    public function inkedBy(InkWish $inks): self
    {
        return new self($this->work, $this->dots, $inks, $this->order, $this->laying, $this->curves);
    }

    public function wishedBy(MixWished $wished): self
    {
        return new self($this->work, $this->dots, $wished->inks($this->inks), $wished->order ?? $this->order, $wished->laying($this->laying), $wished->curves($this->curves));
    }
}
