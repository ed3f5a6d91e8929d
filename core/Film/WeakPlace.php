<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** Weak black on a drawn plate, mm from the scan's top left corner. */
final readonly class WeakPlace
{
    public function __construct(public float $xMm, public float $yMm, public float $mm2)
    {
    }
}
