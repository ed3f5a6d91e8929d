<?php

declare(strict_types=1);

namespace Ektype\Core\Stencil;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Unit\Refusal;

/** How a screen is coated: with which edge of the trough, how many coats on each side, and with what emulsion. */
final readonly class Coating
{
    public const EDGES = ['sharp', 'round'];
    /** School: from this count on the sharp edge, threads per inch. */
    public const SHARP_FROM_PER_INCH = 150.0;

    /**
     * @param string $edge         sharp or round
     * @param float  $solidsPct    of the emulsion, by volume
     * @param bool   $driedBetween whether the print side was dried before its last coats: they build more
     *
     * @throws Refusal where the recipe is none
     */
    public function __construct(public Mesh $mesh, public string $edge, public int $printCoats, public int $squeegeeCoats, public float $solidsPct, public string $emulsion = '', public bool $driedBetween = false)
    {
        if (!\in_array($edge, self::EDGES, true)) {
            throw Refusal::at('edge', \sprintf('A trough has a sharp and a round edge; “%s” is neither.', mb_strimwidth($edge, 0, 20, '…')));
        }
        if ($printCoats < 0 || $squeegeeCoats < 0 || $printCoats + $squeegeeCoats < 1 || $printCoats + $squeegeeCoats > 10) {
            throw Refusal::at('coats', \sprintf('%d + %d coats make no stencil. From one to ten coats in all can be reckoned.', $printCoats, $squeegeeCoats));
        }
        if ($solidsPct < 10 || $solidsPct > 80) {
            throw Refusal::at('solids_pct', \sprintf('Emulsion with %.0f %% of solids is not made; 20 to 50 %% is usual. Look at its data sheet.', $solidsPct));
        }
    }

    public static function edgeFor(Mesh $mesh): string
    {
        return $mesh->threadsPerInch() >= self::SHARP_FROM_PER_INCH ? 'sharp' : 'round';
    }
}
