<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** A place in a strip, mm from its left and its top. */
final readonly class TestPlace
{
    public function __construct(public float $xMm, public float $yMm)
    {
    }
}
