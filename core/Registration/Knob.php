<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** A micro-register knob: it pushes the frame at its contact along its direction, so many mm a turn. */
final readonly class Knob
{
    /**
     * @param array{float, float} $atMm   contact, from the centre of the print
     * @param array{float, float} $pushes direction of a positive turn; any length, used as a unit vector
     */
    public function __construct(public string $name, public array $atMm, public array $pushes, public float $mmPerTurn)
    {
    }

    /** @return array{float, float} */
    public function unit(): array
    {
        $length = hypot(...$this->pushes);

        return [$this->pushes[0] / $length, $this->pushes[1] / $length];
    }
}
