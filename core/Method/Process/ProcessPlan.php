<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Process;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in four-colour process. */
#[Separates(name: 'process', place: 5, title: 'Four-colour process', onLight: true, ordered: true)]
#[SaysOfItself(
    why: '%d screens. Transparent yellow, magenta, cyan and black, each at its own angle.',
    note: 'In your own four inks, as their colours were measured on white. One ruling for all; angles by the school that was chosen.',
    carries: 'Its dots let what lies below shine through.',
    beware: 'Four rulings over each other: a rosette up close, and moiré where an angle is off.',
    order: 'Yellow, magenta, cyan, black: each lets what lies below shine through.',
)]
final readonly class ProcessPlan implements TonalPlan
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
        #[Chosen('angles')]
        public AngleSchool $angles = AngleSchool::Fan,
        #[Chosen('black takes of the grey', '%', 0, 100, times: 100)]
        public float $black = ProcessRequest::USUAL_BLACK,
        #[Chosen('ink together at most', '%', 120, 400, times: 100)]
        public float $total = ProcessRequest::USUAL_TOTAL,
        #[Chosen('base', automatic: 'by the garment')]
        public ?BaseWay $base = null,
        public PlateCurves $curves = new PlateCurves(),
        #[Chosen('profile', automatic: 'by the inks of the shelf', option: 'icc')]
        public ?InkProfile $profile = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::of(self::class);
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

    public function by(InkProfile $profile): self
    {
        return new self($this->work, $this->dots, $this->angles, $this->black, $this->total, $this->base, curves: $this->curves, profile: $profile);
    }
}
