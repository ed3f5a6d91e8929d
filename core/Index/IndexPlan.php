<?php

declare(strict_types=1);

namespace Ektype\Core\Index;

use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixedPlan;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Mix\MixWished;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;

/** The choices made for a picture in square dots of inks side by side. */
final readonly class IndexPlan implements MixedPlan, MixPlan
{
    /** Squares an inch where no mesh is known yet (trade: 160 to 220). */
    public const USUAL_DPI = 200.0;

    /** @param float $squaresDpi squares an inch */
    public function __construct(
        public ToneWork $work = new ToneWork(),
        public InkWish $inks = new InkWish(),
        public float $squaresDpi = self::USUAL_DPI,
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

    public function worked(ToneWork $work, PlannedDots $dots): self
    {
        return new self($work, $this->inks, $this->squaresDpi, $this->diffusion);
    }

    public function inks(): InkWish
    {
        return $this->inks;
    }

    public function inkedBy(InkWish $inks): self
    {
        return new self($this->work, $inks, $this->squaresDpi, $this->diffusion);
    }

    public function wishedBy(MixWished $wished): self
    {
        return new self($this->work, $wished->inks($this->inks), $wished->squaresDpi ?? $this->squaresDpi, $wished->diffusion ?? $this->diffusion);
    }
}
