<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/**
 * A plain-weave mesh: threads per centimetre and thread in µm. All else is geometry, unless the weaver's data sheet gives
 * the opening and the thickness: woven cloth opens a little less than the formula on fine counts.
 */
final readonly class Mesh
{
    /** Fabric is about this many threads thick (heuristic). */
    public const THICKNESS_PER_THREAD = 1.6;
    /** A thread that goes over and under is so much longer than the cloth (heuristic). */
    private const CRIMP = 1.05;
    /** Two threads cross: woven cloth is never thicker than this many. */
    private const MOST_THREADS_THICK = 2.5;

    public float $pitchUm;
    public float $openingUm;
    /** 0–100 */
    public float $openAreaPct;
    public float $thicknessUm;
    /** Theoretical ink volume, cm³/m², which is also µm of wet ink. */
    public float $volumeCm3M2;
    /** As printers name it: threads per cm and thread in µm. */
    public string $name;
    /** Finest printed line, mm: about one pitch (heuristic). */
    public float $finestLineMm;
    /** Finest line of stencil left standing between two printed parts, mm: 2 d + w. */
    public float $finestGapMm;
    /** Whether opening or thickness are the data sheet's. */
    public bool $fromSheet;

    /**
     * @param float|null $sheetOpeningUm   of the data sheet; null takes pitch less thread
     * @param float|null $sheetThicknessUm of the data sheet; null takes 1.6 threads
     *
     * @throws UnwovenMesh where the threads would touch, the count is none that is woven, or the data sheet is another mesh's
     */
    public function __construct(
        public float $threadsPerCm,
        public float $threadUm,
        public bool $dyed = false,
        ?float $sheetOpeningUm = null,
        ?float $sheetThicknessUm = null,
    ) {
        if ($threadsPerCm < 5 || $threadsPerCm > 200) {
            throw UnwovenMesh::at(
                'threads',
                \sprintf('A mesh of %g threads per cm is not woven; 10 to 165 are. Check whether the count is per inch.', $threadsPerCm),
            );
        }
        $this->pitchUm = 10000 / $threadsPerCm;
        if ($threadUm <= 0 || $threadUm >= $this->pitchUm) {
            throw UnwovenMesh::at('thread', \sprintf('A thread of %g µm does not fit a pitch of %.1f µm (%g threads per cm): there would be no opening for ink. Check both figures.', $threadUm, $this->pitchUm, $threadsPerCm));
        }
        if ($sheetOpeningUm !== null && ($sheetOpeningUm <= 0 || $sheetOpeningUm >= $this->pitchUm)) {
            throw UnwovenMesh::at(
                'opening',
                \sprintf(
                    'An opening of %g µm does not go into a pitch of %.1f µm. The data sheet is another mesh’s, or the count is per inch.',
                    $sheetOpeningUm,
                    $this->pitchUm,
                ),
            );
        }
        if ($sheetThicknessUm !== null && ($sheetThicknessUm < $threadUm || $sheetThicknessUm > self::MOST_THREADS_THICK * $threadUm)) {
            throw UnwovenMesh::at(
                'thickness',
                \sprintf(
                    'Fabric of %g µm thread is %g to %g µm thick; %g µm is another mesh’s. Look at the data sheet again.',
                    $threadUm,
                    $threadUm,
                    self::MOST_THREADS_THICK * $threadUm,
                    $sheetThicknessUm,
                ),
            );
        }
        $this->fromSheet = $sheetOpeningUm !== null || $sheetThicknessUm !== null;
        $this->openingUm = $sheetOpeningUm ?? $this->pitchUm - $threadUm;
        $this->openAreaPct = 100 * ($this->openingUm / $this->pitchUm) ** 2;
        $this->thicknessUm = $sheetThicknessUm ?? self::THICKNESS_PER_THREAD * $threadUm;
        $this->name = \sprintf('%g–%g', $threadsPerCm, $threadUm);
        $this->finestLineMm = $this->pitchUm / 1000;
        $this->finestGapMm = (2 * $threadUm + $this->openingUm) / 1000;
        $this->volumeCm3M2 = $this->openAreaPct / 100 * $this->thicknessUm;
    }

    /**
     * What is not thread in the fabric, µm: its thickness less two systems of round threads, a twentieth longer for their
     * crimp. A stencil fills it.
     */
    public function voidsUm(): float
    {
        return max(0.0, $this->thicknessUm - self::CRIMP * 2 * \M_PI * $this->threadUm ** 2 / 4 / $this->pitchUm);
    }

    public function threadsPerInch(): float
    {
        return $this->threadsPerCm * 2.54;
    }
}
