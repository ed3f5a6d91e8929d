<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

/** Width and height of a print, mm. */
final readonly class SizeOfPrint
{
    public function __construct(public float $widthMm, public float $heightMm)
    {
    }

    public function cm2(): float
    {
        return $this->widthMm * $this->heightMm / 100;
    }
}
