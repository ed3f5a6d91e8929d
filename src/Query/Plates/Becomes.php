<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

/** A plate that was given up. */
final readonly class Becomes
{
    /**
     * @param string|null $into the plate that it prints as; null leaves it to the garment
     * @param float|null  $tone how much of that plate’s ink, 0–1, where it prints as dots
     */
    public function __construct(public string $plate, public ?string $hex, public ?string $into, public ?string $intoHex, public ?float $tone = null)
    {
    }
}
