<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

/** The plates that print at a point, topmost first. */
final readonly class PlatesAt
{
    /** @param list<int> $plates */
    public function __construct(public array $plates)
    {
    }
}
