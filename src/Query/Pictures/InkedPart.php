<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

/** The part of a print that carries ink: often smaller than its file. */
final readonly class InkedPart
{
    /**
     * @param float $leftMm   clear beside it
     * @param float $topMm    clear above it
     * @param float $sureToMm how far its edges may lie otherwise: the squares in which ink was counted
     */
    public function __construct(public float $widthMm, public float $heightMm, public float $leftMm, public float $topMm, public float $sureToMm)
    {
    }
}
