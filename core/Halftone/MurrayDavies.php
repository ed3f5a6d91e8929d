<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** From densities to tone (A. Murray, Journal of the Franklin Institute 221, 1936): light that comes back is shared by what is printed and what is bare. */
final class MurrayDavies
{
    /**
     * @param float $density of the tone
     * @param float $bare    of the unprinted cloth
     * @param float $solid   of the full print
     *
     * @return float 0–1; a little outside where the reading is
     *
     * @throws UnusableGain where solid and cloth cannot be told apart
     */
    public static function printed(float $density, float $bare, float $solid): float
    {
        if (abs($solid - $bare) < 0.05) {
            throw UnusableGain::at('solid_density', \sprintf('Solid (%.2f) and cloth (%.2f) have nearly one density, so no tone between them can be told. Read both again.', $solid, $bare));
        }

        return (1 - 10 ** ($bare - $density)) / (1 - 10 ** ($bare - $solid));
    }
}
