<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;

/** An ink of the shop that colours of the art are to print in. */
final readonly class GivenInk
{
    public function __construct(public string $name, public Srgb $colour)
    {
    }

    public function key(): string
    {
        return $this->colour->hex().' '.$this->name;
    }
}
