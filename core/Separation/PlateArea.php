<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** How much a plate covers. */
final readonly class PlateArea
{
    /**
     * @param float $cm2    what it prints, trap included
     * @param float $artCm2 what the art has of it, before trap
     */
    public function __construct(public float $cm2, public float $artCm2)
    {
    }

    /** Of a plate that prints what the art has. */
    public static function of(float $cm2): self
    {
        return new self($cm2, $cm2);
    }
}
