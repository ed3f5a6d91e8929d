<?php

declare(strict_types=1);

namespace Ektype\Core\Index;

use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Unit\Chosen;

/** The choices made for a picture in square dots of inks side by side. */
final readonly class IndexPlan implements TonalPlan, MixPlan
{
    /** Squares an inch where no mesh is known yet (trade: 160 to 220). */
    public const USUAL_DPI = 200.0;

    /** @param float $squaresDpi squares an inch */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public InkWish $inks = new InkWish(),
        #[Chosen('squares', 'an inch', 40, 300)]
        public float $squaresDpi = self::USUAL_DPI,
        #[Chosen('diffusion')]
        public Diffusion $diffusion = Diffusion::Errors,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::Index;
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
