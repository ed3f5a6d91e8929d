<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** Standard errors of growth and shear; null where nothing tells them. */
final readonly class GrowthSd
{
    /**
     * @param float|null $across of the growth across, share
     * @param float|null $along  of the growth along, share
     * @param float|null $shear  radians
     */
    private function __construct(public ?float $across, public ?float $along, public ?float $shear)
    {
    }

    /**
     * @param float|null $readingMm error of a reading, each way
     * @param float      $across2   sum of squared distances of the marks across, mm²
     * @param float      $along2    the same along
     */
    public static function of(?float $readingMm, float $across2, float $along2): self
    {
        return new self(
            self::over($readingMm, $across2),
            self::over($readingMm, $along2),
            // Shear is the mean of two slopes, one over each way.
            $readingMm === null || min($across2, $along2) < 1 ? null : $readingMm / 2 * sqrt(1 / $across2 + 1 / $along2),
        );
    }

    private static function over(?float $reading, float $square): ?float
    {
        return $reading === null || $square < 1 ? null : $reading / sqrt($square);
    }
}
