<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** What a stencil is burned with: everything that moves its time. */
final readonly class Setting
{
    /** Named as a film: the stencil is imaged straight, without one and without a gap. */
    public const WITHOUT_FILM = 'none';

    /**
     * @param string            $lamp           name of the lamp
     * @param LampKind|null     $lampKind       null where unknown
     * @param EmulsionKind|null $emulsionKind   null where unknown
     * @param float             $thicknessUm    fabric and emulsion over mesh, where light must reach through
     * @param bool              $dyed           yellow mesh
     * @param string            $film           name of the film; empty or “reference” is the reference film, “none” is none
     * @param float|null        $distanceMm     lamp to glass; counts for point-like lamps only
     * @param float             $lampHours      age of the lamp
     * @param float|null        $emulsionFactor its time against a photopolymer’s, of the data sheet; null where none is told
     * @param float             $startLossS     what each burn falls short while the lamp comes up
     */
    public function __construct(
        public string $lamp,
        public ?LampKind $lampKind,
        public string $emulsion,
        public ?EmulsionKind $emulsionKind,
        public float $thicknessUm,
        public bool $dyed,
        public string $film,
        public ?float $distanceMm,
        public float $lampHours,
        public ?float $emulsionFactor = null,
        public float $startLossS = 0.0,
    ) {
    }

    public function isWithoutFilm(): bool
    {
        return mb_strtolower(trim($this->film)) === self::WITHOUT_FILM;
    }

    /** The same under the lamp at another age. */
    public function withHours(float $hours): self
    {
        return new self($this->lamp, $this->lampKind, $this->emulsion, $this->emulsionKind, $this->thicknessUm, $this->dyed, film: $this->film, distanceMm: $this->distanceMm, lampHours: $hours, emulsionFactor: $this->emulsionFactor, startLossS: $this->startLossS);
    }
}
