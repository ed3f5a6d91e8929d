<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Unit\Refusal;

/** A plain-weave mesh: threads per centimetre and thread in µm. All else is geometry. */
final readonly class Mesh
{
    /** Fabric is about this many threads thick (heuristic). */
    public const THICKNESS_PER_THREAD = 1.6;

    public float $pitchUm;
    public float $openingUm;
    /** 0–100 */
    public float $openAreaPct;
    public float $thicknessUm;
    /** Theoretical ink volume, cm³/m², which is also µm of wet ink. */
    public float $volumeCm3M2;

    /** @throws Refusal where the threads would touch or the count is none that is woven */
    public function __construct(public float $threadsPerCm, public float $threadUm, public bool $dyed = false)
    {
        if ($threadsPerCm < 5 || $threadsPerCm > 200) {
            throw Refusal::at('threads_per_cm', \sprintf('A mesh of %g threads per cm is not woven; 10 to 165 are. Check whether the count is per inch.', $threadsPerCm));
        }
        $this->pitchUm = 10000 / $threadsPerCm;
        if ($threadUm <= 0 || $threadUm >= $this->pitchUm) {
            throw Refusal::at('thread_um', \sprintf('A thread of %g µm does not fit a pitch of %.1f µm (%g threads per cm): there would be no opening for ink. Check both figures.', $threadUm, $this->pitchUm, $threadsPerCm));
        }
        $this->openingUm = $this->pitchUm - $threadUm;
        $this->openAreaPct = 100 * ($this->openingUm / $this->pitchUm) ** 2;
        $this->thicknessUm = self::THICKNESS_PER_THREAD * $threadUm;
        $this->volumeCm3M2 = $this->openAreaPct / 100 * $this->thicknessUm;
    }

    public function threadsPerInch(): float
    {
        return $this->threadsPerCm * 2.54;
    }

    public function name(): string
    {
        return \sprintf('%g–%g', $this->threadsPerCm, $this->threadUm);
    }

    /** Finest printed line, mm: about one pitch (heuristic). */
    public function finestLineMm(): float
    {
        return $this->pitchUm / 1000;
    }

    /** Finest line of stencil left standing between two printed parts, mm: 2 d + w. */
    public function finestGapMm(): float
    {
        return (2 * $this->threadUm + $this->openingUm) / 1000;
    }
}
