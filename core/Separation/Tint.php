<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** A flat colour that prints as dots of the ink of another. */
final readonly class Tint
{
    /**
     * @param string $hex    the colour of the art
     * @param string $of     the colour of the art in whose ink it prints
     * @param float  $tone   how much of it is to be printed, 0–1
     * @param float  $deltaE how far that print is from the colour, ΔE00
     */
    public function __construct(public string $hex, public string $of, public float $tone, public float $deltaE)
    {
    }
}
