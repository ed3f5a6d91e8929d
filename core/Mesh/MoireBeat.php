<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/** One beat between mesh and halftone: its period in mm and its contrast, share of the mean. */
final readonly class MoireBeat
{
    public function __construct(public float $periodMm, public float $contrast)
    {
    }
}
