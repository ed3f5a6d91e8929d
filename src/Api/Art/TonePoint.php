<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;

/** A point of a curve, or a place on the picture. */
final readonly class TonePoint
{
    public function __construct(#[Within(0, 100)] public float $x, #[Within(0, 100)] public float $y)
    {
    }
}
