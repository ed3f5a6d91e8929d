<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** Ink that a run took from a screen by weight, beside what was reckoned for its pieces, g. */
final readonly class InkUsed
{
    public function __construct(public float $realG, public float $reckonedG)
    {
    }
}
