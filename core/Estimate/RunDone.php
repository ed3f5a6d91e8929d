<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

/** A run that ended: what was reckoned and what it was. */
final readonly class RunDone
{
    /**
     * @param float $reckonedS seconds a piece
     * @param float $realS     the same by its count
     */
    public function __construct(public float $reckonedS, public float $realS, public int $good, public int $misprints)
    {
    }
}
