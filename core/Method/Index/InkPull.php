<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

/** How far a print moves towards an ink where wet inks even out, ΔE76, and the extender that is advised against it, 0–1. */
final readonly class InkPull
{
    public function __construct(public string $ink, public float $pull, public float $extender)
    {
    }
}
