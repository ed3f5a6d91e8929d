<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** One strip of a step test. */
final readonly class StripTime
{
    /**
     * @param int   $strip     1 is the one that is covered first
     * @param float $getsS     seconds of light in all
     * @param int   $burns     in so many burns
     * @param float $countsAsS the one burn that gives as much, the lamp’s start taken off
     */
    public function __construct(public int $strip, public float $getsS, public int $burns, public float $countsAsS)
    {
    }
}
