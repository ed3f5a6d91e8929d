<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Shop\Plate\BeforeLight;

/** A line of the card before the light, ticked or not. */
final readonly class Tick
{
    public function __construct(public BeforeLight $done, public bool $on)
    {
    }
}
