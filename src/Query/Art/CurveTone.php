<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** What a tone on film prints as, and between what and what in nine cases of ten, %. */
final readonly class CurveTone
{
    public function __construct(public float $filmPct, public float $printedPct, public float $low, public float $high)
    {
    }
}
