<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** A colour so near another that it is likely the same ink; both by their hex. */
final readonly class StrayShade
{
    /** @param float $areaPct of the picture, % */
    public function __construct(public string $stray, public string $into, public float $deltaE, public float $areaPct)
    {
    }
}
