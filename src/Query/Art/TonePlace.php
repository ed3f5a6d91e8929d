<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** A point of a curve, or a place on the picture. */
final readonly class TonePlace
{
    public function __construct(public float $x, public float $y)
    {
    }
}
