<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/**
 * Where an image lands when mesh is pressed down: pressing a free length F down by h at distance a from one end lengthens it
 * by (h²/2)(1/a + 1/(F − a)) and lands the image off by (h²/2)(1/(F − a) − 1/a): outward near the frame, nothing in the middle.
 */
final class Stretch
{
    /**
     * @param float $freeMm mesh between the frame’s sides, along the stroke
     * @param float $downMm off-contact
     * @param float $atMm   from the near side
     *
     * @return float mm, away from the near side positive
     *
     * @throws ImpossibleRun where the place is not on the mesh
     */
    public static function landsOff(float $freeMm, float $downMm, float $atMm): float
    {
        if ($freeMm <= 0 || $atMm <= 0 || $atMm >= $freeMm) {
            throw ImpossibleRun::at('at', \sprintf('%g mm from the frame is not on a mesh of %g mm. Give a place between its sides.', $atMm, $freeMm));
        }
        if ($downMm < 0 || $downMm > 30) {
            throw ImpossibleRun::at('down', \sprintf('Mesh is not pressed down by %g mm. Give the off-contact; 1.5 to 6 mm is usual.', $downMm));
        }

        return $downMm ** 2 / 2 * (1 / ($freeMm - $atMm) - 1 / $atMm);
    }
}
