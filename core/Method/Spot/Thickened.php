<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;

/** Thin lines made thicker so that a mesh holds them; all that is bold stays as it is. */
final class Thickened
{
    private const CORNER = 1.45;

    /**
     * @param float $limit lines thinner than this are thickened, pixels
     * @param float $by    by so much in all, half at each side, pixels
     *
     * @return BitPlane the plane with its thin lines thicker
     */
    public static function lines(BitPlane $plane, float $limit, float $by): BitPlane
    {
        if ($by < 2 || $limit < 2) {
            return $plane;
        }
        $radius = $limit / 2;
        $thin = $plane->without(Spread::by(Spread::choke($plane, $radius), self::CORNER * $radius + 1));

        return $thin->isBlank() ? $plane : $plane->or(Spread::by($thin, $by / 2));
    }
}
