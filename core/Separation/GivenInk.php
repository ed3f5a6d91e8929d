<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;

/** An ink of the shop that colours of the art are to print in. */
final readonly class GivenInk
{
    /** @param float $hiding how much of what lies below it hides, 0–1 */
    public function __construct(public string $name, public Srgb $colour, public float $hiding = Hiding::WISHED)
    {
    }

    public function key(): string
    {
        return $this->colour->hex().' '.$this->name;
    }
}
