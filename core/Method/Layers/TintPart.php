<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

/** An ink of a mixture, and its share of the whole, 0–1. */
final readonly class TintPart
{
    public function __construct(public string $ink, public float $share)
    {
    }
}
