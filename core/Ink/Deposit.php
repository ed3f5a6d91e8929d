<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Mesh\Mesh;

/**
 * The ink that a mesh lays down. Wet deposit = theoretical volume × transfer × strokes; fine open parts of the stencil are
 * filled like a well and add part of the emulsion over mesh. Grams = area × wet deposit × density.
 */
final readonly class Deposit
{
    /** Share of the mesh's ink that leaves it (heuristic), and its usual ends. */
    public const TRANSFER = 0.8;
    public const TRANSFER_LOW = 0.7;
    public const TRANSFER_HIGH = 0.9;
    /** A second stroke adds so much (heuristic). */
    public const SECOND_STROKE = 0.25;
    /** Share of the emulsion over mesh that a fine line adds in height (heuristic). */
    private const WELL = 0.6;
    /** The hiding power of an ink is told for one stroke through 61–64 (155 per inch), µm wet (heuristic). */
    public const TOLD_FOR_UM = 30.4;

    /** Of wet ink in broad parts, µm. */
    public float $wetUm;
    public float $wetLowUm;
    public float $wetHighUm;
    /** In the finest lines, µm. */
    public float $fineWetUm;

    /** Strokes that a base takes where a colour takes one (heuristic). */
    public const STROKES_OF_A_BASE = 2;

    /** @throws ImpossibleDeposit where no stroke is pulled */
    public function __construct(Mesh $mesh, public InkKind $ink, public int $strokes, float $eomUm)
    {
        if ($strokes < 1 || $strokes > 6) {
            throw ImpossibleDeposit::at(
                'strokes',
                \sprintf('%d strokes leave no print. One for colours and two for a base are usual.', $strokes),
            );
        }
        $passed = $mesh->volumeCm3M2 * (1 + self::SECOND_STROKE * ($strokes - 1));
        $this->wetUm = self::TRANSFER * $passed;
        $this->wetLowUm = self::TRANSFER_LOW * $passed;
        $this->wetHighUm = self::TRANSFER_HIGH * $passed;
        $this->fineWetUm = $this->wetUm + self::WELL * max(0.0, $eomUm);
    }

    /**
     * @param float $areaCm2 of one print
     *
     * @return float g for so many prints
     */
    public function grams(float $areaCm2, int $prints, ?float $wetUm = null): float
    {
        // cm² × µm = 10⁻⁴ cm³
        return $areaCm2 * ($wetUm ?? $this->wetUm) * 1e-4 * $this->ink->density() * $prints;
    }

    /**
     * Hiding power of this much ink: each further layer of the same ink hides the same share of what is left.
     *
     * @param float $told 0–1, of the ink on the shelf
     */
    public function hiding(float $told): float
    {
        return 1 - (1 - min(0.9999, max(0.0, $told))) ** ($this->wetUm / self::TOLD_FOR_UM);
    }
}
