<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Simulated;

use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in dots of many opaque inks. */
#[Separates(name: 'simulated', place: 4, title: 'Simulated process', ordered: true)]
#[SaysOfItself(
    why: '%d screens. Dots of opaque inks mix over a base; where the garment has the colour, nothing prints.',
    note: 'Base first and flashed, then the colours, wet on wet on fine mesh. One ruling for all; angles by what the plates print together, or one angle with the base apart.',
    carries: 'Its dots mix with those of the other plates, over and beside them.',
    beware: 'Dots of many plates over each other: pressure and squeegee must stay alike, or the colours drift.',
)]
final readonly class SimulatedPlan implements TonalPlan, MixPlan
{
    /**
     * @param Laying|null       $laying of the base; null goes by the garment
     * @param list<string>|null $flats  colours of the art, #rrggbb, whose areas print solid in one ink; null holds those that have an ink near
     */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public PlannedDots $dots = new PlannedDots(),
        public InkWish $inks = new InkWish(),
        #[Chosen('order of the colours')]
        public OrderSchool $order = OrderSchool::LightToDark,
        #[Chosen('base is laid down in', automatic: 'by the garment')]
        public ?Laying $laying = null,
        public PlateCurves $curves = new PlateCurves(),
        #[Chosen('flat areas that print solid', '', 0, 24, 'those that an ink has', option: Chosen::NO_OPTION)]
        public ?array $flats = null,
        #[Chosen('angles')]
        public PlateAngles $angles = PlateAngles::Several,
    ) {
        foreach ($flats ?? [] as $hex) {
            if (preg_match('/^#[0-9a-f]{6}$/', $hex) !== 1) {
                throw ImpossibleMix::at('flats', \sprintf('“%s” is no colour of the art, so no area of it could be told. Give it as six figures after #, in small letters, such as #e1261c.', mb_strimwidth($hex, 0, 20, '…')));
            }
        }
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

    public function inks(): InkWish
    {
        return $this->inks;
    }

    public function inkedBy(InkWish $inks): self
    {
        return new self($this->work, $this->dots, $inks, $this->order, $this->laying, $this->curves, $this->flats, $this->angles);
    }
}
