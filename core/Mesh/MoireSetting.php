<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/** A ruling and an angle with what they score. */
final readonly class MoireSetting
{
    /** @param float|null $periodMm of the strongest beat; null where none is visible */
    public function __construct(public float $lpi, public float $angle, public float $score, public ?float $periodMm)
    {
    }
}
