<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** What a strike-off has shown of a plate along the stroke. */
final readonly class DragSeen
{
    public function __construct(public string $ink, public float $offContactMm, public float $tensionNPerCm, public float $alongStrokeMm)
    {
    }
}
