<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** A field of the test film that is drawn pixel by pixel. */
final readonly class DrawnField
{
    /** @param list<string> $rows of digits, 1 is black */
    public function __construct(public float $leftMm, public float $topMm, public array $rows)
    {
    }
}
