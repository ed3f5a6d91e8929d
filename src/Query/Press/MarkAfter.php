<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** A mark as it is read and as it will be after the turns, mm off the key. */
final readonly class MarkAfter
{
    public function __construct(public string $mark, public float $xMm, public float $yMm, public float $nowXMm, public float $nowYMm, public float $afterXMm, public float $afterYMm)
    {
    }
}
