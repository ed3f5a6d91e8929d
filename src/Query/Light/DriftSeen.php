<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** A step test as a point of a lamp’s drift. */
final readonly class DriftSeen
{
    /** @param float $factor what it took against what the lamp would have taken when new */
    public function __construct(public int $testId, public string $doneOn, public float $hours, public float $factor, public bool $disagrees)
    {
    }
}
