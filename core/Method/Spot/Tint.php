<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

/** A flat colour that prints as dots of the ink of another, or of two others beside each other. */
final readonly class Tint
{
    /**
     * @param string      $hex      the colour of the art
     * @param string      $of       the colour of the art in whose ink it prints
     * @param float       $tone     how much of it is to be printed, 0–1
     * @param float       $deltaE   how far that print is from the colour, ΔE00
     * @param string|null $with     another colour of the art, in whose ink dots print between the first ones
     * @param float       $withTone how much of that
     */
    public function __construct(
        public string $hex,
        public string $of,
        public float $tone,
        public float $deltaE,
        public ?string $with = null,
        public float $withTone = 0.0,
    ) {
    }

    /** @return list<string> colours of the art in whose inks it prints */
    public function inks(): array
    {
        return $this->with === null ? [$this->of] : [$this->of, $this->with];
    }

    /** @return float how much of a colour’s ink it prints, 0–1 */
    public function toneOf(string $hex): float
    {
        return match ($hex) {
            $this->of => $this->tone,
            $this->with => $this->withTone,
            default => 0.0,
        };
    }
}
