<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;

/** An ink of the shop that colours of the art are to print in. */
final readonly class GivenInk
{
    /**
     * @param float $hiding      how much of what lies below it hides, 0–1
     * @param bool  $transparent whether it lets what lies below shine through, coloured: its colour is that on white
     */
    public function __construct(public string $name, public Srgb $colour, public float $hiding = Hiding::WISHED, public bool $transparent = false)
    {
    }

    /** The same as it lies: hiding otherwise. */
    public function hiding(float $hiding): self
    {
        return new self($this->name, $this->colour, $hiding, $this->transparent);
    }

    public function key(): string
    {
        return $this->colour->hex().' '.$this->name;
    }
}
