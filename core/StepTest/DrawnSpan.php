<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** What lies on a row of the test film from one place to another, mm. */
final readonly class DrawnSpan
{
    public function __construct(public float $from, public float $to, public bool $black = true)
    {
    }
}
