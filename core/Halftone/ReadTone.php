<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** A patch of a chart: its tone on film and how much of it was printed, 0–1. */
final readonly class ReadTone
{
    public function __construct(public float $film, public float $printed)
    {
    }
}
