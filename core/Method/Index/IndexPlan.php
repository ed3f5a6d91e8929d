<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\PlatesLaid;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in square dots of inks side by side. */
#[Separates(
    name: 'index',
    place: 6,
    title: 'Index',
    without: ['inks.highlight'],
    dots: false,
    laid: PlatesLaid::Squares,
    ordered: true,
)]
#[SaysOfItself(
    why: '%d screens. Square dots side by side: no ruling, no angle, fast to set up.',
    note: '160 to 220 squares an inch are usual; the mesh must hold two threads and an opening in one of them.',
    carries: 'Its squares lie beside those of the other plates; none lies on another.',
    beware: 'Squares are seen from near. Wet inks run together where squares touch: inks of like hiding, light hand.',
    order: 'Squares lie side by side: the lightest first, so that what is darker fouls no light screen.',
)]
final readonly class IndexPlan implements TonalPlan, MixPlan
{
    /** Squares an inch where no mesh is known yet (trade: 160 to 220). */
    public const USUAL_DPI = 200.0;

    /** @param float $squaresDpi squares an inch */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public InkWish $inks = new InkWish(),
        #[Chosen('squares', 'an inch', 40, 300, option: 'index-dpi')]
        public float $squaresDpi = self::USUAL_DPI,
        #[Chosen('squares are spread by')]
        public Diffusion $diffusion = Diffusion::Errors,
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

    /** It has none: squares carry its tones. */
    public function dots(): PlannedDots
    {
        return new PlannedDots();
    }

    public function inks(): InkWish
    {
        return $this->inks;
    }

    public function inkedBy(InkWish $inks): self
    {
        return new self($this->work, $inks, $this->squaresDpi, $this->diffusion);
    }
}
