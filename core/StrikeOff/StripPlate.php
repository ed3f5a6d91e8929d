<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;

/** A plate whose targets are looked for. */
final readonly class StripPlate
{
    public function __construct(public string $name, public Srgb $ink)
    {
    }
}
