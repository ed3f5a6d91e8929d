<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** The pattern between a plate and another that has tone. */
final readonly class PatternBetween
{
    public function __construct(public string $plate, public float $lpi, public float $angle, public float $score, public ?float $periodMm)
    {
    }
}
