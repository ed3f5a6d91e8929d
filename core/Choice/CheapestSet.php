<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** Frames for some of the plates, and what they cost together. */
final readonly class CheapestSet
{
    /** @param array<int, int> $frames by plate; a plate without a frame is left out */
    public function __construct(public float $cost, public array $frames)
    {
    }
}
