<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** What a tone of the film prints as, with its 90 % interval, 0–1. */
final readonly class PrintedTone
{
    public function __construct(public float $film, public float $printed, public float $low, public float $high)
    {
    }
}
