<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** A cause that makes a time unsure, and how much of it. */
final readonly class ShareOfDoubt
{
    public function __construct(public string $cause, public float $pct)
    {
    }
}
