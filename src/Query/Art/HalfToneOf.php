<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** What a half tone of a plate prints as, where it was bent. */
final readonly class HalfToneOf
{
    /** @param float $prints % */
    public function __construct(public string $ink, public float $prints)
    {
    }
}
