<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** One screen of a run, with what follows it. */
final readonly class PressStation
{
    /** @param float $flashS under the flash after it, 0 for none; $coolS until the next screen may come down */
    public function __construct(public string $name, public int $strokes, public float $flashS = 0.0, public float $coolS = 0.0)
    {
    }
}
