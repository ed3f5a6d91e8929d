<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;

/** The choices made for a picture in four-colour process. */
final readonly class ProcessPlan implements TonalPlan
{
    /**
     * @param float        $black share of the grey in a colour that black takes, 0–1
     * @param float        $total ink together at the most, 1 for 100 %
     * @param BaseWay|null $base  null goes by the garment
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public AngleSchool $angles = AngleSchool::Fan,
        public float $black = ProcessRequest::USUAL_BLACK,
        public float $total = ProcessRequest::USUAL_TOTAL,
        public ?BaseWay $base = null,
        public PlateCurves $curves = new PlateCurves(),
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::Process;
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
        return new self($work, $dots, $this->angles, $this->black, $this->total, $this->base, $this->curves);
    }
}
