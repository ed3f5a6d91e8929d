<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** How long a print stays under a flash, s. */
final readonly class Dwell
{
    /** @param float|null $scorchS from when on it scorches; null where it never does */
    public function __construct(public float $fromS, public float $toS, public float $aimS, public ?float $scorchS)
    {
    }
}
