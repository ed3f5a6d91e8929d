<?php

declare(strict_types=1);

namespace Ektype\Core\Lamp;

/** One test on the way of a lamp’s age. */
final readonly class DriftPoint
{
    /** @param float $factor what it took against what the lamp would have taken when new */
    public function __construct(public int $test, public float $hours, public float $factor, public bool $disagrees)
    {
    }
}
