<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in dots of many opaque inks. */
final readonly class SimulatedPlan implements TonalPlan, MixPlan
{
    /** @param Laying|null $laying of the base; null goes by the garment */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public InkWish $inks = new InkWish(),
        #[Chosen('order')]
        public OrderSchool $order = OrderSchool::LightToDark,
        #[Chosen('strokes of the base', automatic: 'by the garment')]
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

    public function inks(): InkWish
    {
        return $this->inks;
    }

    public function inkedBy(InkWish $inks): self
    {
        return new self($this->work, $this->dots, $inks, $this->order, $this->laying, $this->curves);
    }
}
