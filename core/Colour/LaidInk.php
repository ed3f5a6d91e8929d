<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/** An ink as it lies in a print: how much of its place it covers and how much of what is below it hides, 0–1. */
final readonly class LaidInk
{
    public function __construct(public Srgb $ink, public float $coverage, public float $hiding, public bool $transparent = false)
    {
    }
}
