<?php

declare(strict_types=1);

namespace Ektype\App\Query\Days;

/** A press over the days. */
final readonly class PressInDays
{
    public function __construct(public int $id, public string $name)
    {
    }
}
