<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;

/** The choices made for a picture in four-colour process. */
final readonly class ProcessPlan implements MixedPlan
{
    /**
     * @param float           $black   share of the grey in a colour that black takes, 0–1
     * @param float           $total   ink together at the most, 1 for 100 %
     * @param BaseWay|null    $base    null goes by the garment
     * @param InkProfile|null $profile in place of the colours of the inks; null goes by them
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public AngleSchool $angles = AngleSchool::Fan,
        public float $black = ProcessRequest::USUAL_BLACK,
        public float $total = ProcessRequest::USUAL_TOTAL,
        public ?BaseWay $base = null,
        public PlateCurves $curves = new PlateCurves(),
        public ?InkProfile $profile = null,
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

    /** What lies under the four inks on a garment. */
    public function baseOn(Srgb $garment): BaseWay
    {
        return $this->base ?? (Garment::isLight(Lab::of($garment)) ? BaseWay::None : BaseWay::White);
    }

    public function worked(ToneWork $work, PlannedDots $dots): self
    {
        return new self($work, $dots, $this->angles, $this->black, $this->total, $this->base, $this->curves, $this->profile);
    }

    public function wishedBy(MixWished $wished): self
    {
        return new self($this->work, $this->dots, $wished->angles ?? $this->angles, $wished->black ?? $this->black, $wished->total ?? $this->total, $wished->base($this->base), $wished->curves($this->curves), $wished->profile($this->profile));
    }
}
