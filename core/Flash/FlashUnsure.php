<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** Between what and what the right dwell lies nine times in ten, s: wide until the flash of this shop was read. */
final readonly class FlashUnsure
{
    public function __construct(public float $fromS, public float $toS)
    {
    }
}
