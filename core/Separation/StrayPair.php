<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** Two colours of a palette so near that they are likely one ink: the stray, the larger one it belongs to, and how far they are apart, ΔE00. */
final readonly class StrayPair
{
    public function __construct(public int $stray, public int $into, public float $deltaE)
    {
    }
}
