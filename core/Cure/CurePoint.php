<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

/** How warm a print is at a moment in the tunnel. */
final readonly class CurePoint
{
    public function __construct(public float $s, public float $surfaceC, public float $throughC)
    {
    }
}
