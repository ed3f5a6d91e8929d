<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Plate\Substrate;

/** Where a print lies on a garment, mm from the collar and from the middle: what the guide on the platen shows. */
final readonly class LoadingGuide
{
    /** The top of a print on the chest lies so far below the collar, by the width of the print (heuristic: three to four fingers). */
    public const COLLAR_MM = 75.0;

    /**
     * @param bool  $collar  whether what is printed has one
     * @param float $topMm   from the collar, or from the upper edge where there is none, to the top of the print
     * @param float $leftMm  from the middle of the garment to the left edge of the print
     * @param float $rightMm the same to the right edge
     */
    private function __construct(public float $topMm, public float $leftMm, public float $rightMm, public float $widthMm, public float $heightMm, public bool $collar, public string $says)
    {
    }

    /**
     * @param float $acrossMm the print is moved right from its usual place
     * @param float $dropMm   and down
     */
    public static function of(Substrate $on, float $widthMm, float $heightMm, float $acrossMm, float $dropMm): self
    {
        $top = self::COLLAR_MM + $dropMm;
        $worn = $on->drinksInk() && $on !== Substrate::Paper && $on !== Substrate::Canvas;

        return new self($top, $acrossMm - $widthMm / 2, $acrossMm + $widthMm / 2, $widthMm, $heightMm, collar: $worn, says: $worn
            ? \sprintf('Collar to the top of the print %.0f mm. Seams parallel to the platen, sleeves tucked, flat on its tack; waste cloth first.', $top)
            : 'Against the stops, the same corner each time.');
    }
}
