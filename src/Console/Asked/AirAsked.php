<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

/** The air in which it dries. */
final readonly class AirAsked
{
    public function __construct(public float $temperatureC, public float $humidityPct, public float $airMS = 0.0)
    {
    }
}
