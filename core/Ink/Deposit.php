<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Laying;

/**
 * The ink that a mesh lays down. Wet deposit = theoretical volume × transfer × strokes and layers; fine open parts of the stencil are
 * filled like a well and add part of the emulsion over mesh. Grams = area × wet deposit × density.
 */
final readonly class Deposit
{
    /** Share of the mesh's ink that leaves it (heuristic), and its usual ends. */
    public const TRANSFER = 0.8;
    public const TRANSFER_LOW = 0.7;
    public const TRANSFER_HIGH = 0.9;
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

    public function __construct(Mesh $mesh, public InkKind $ink, public Laying $laying, float $eomUm)
    {
        $passed = $mesh->volumeCm3M2 * $laying->passes();
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
