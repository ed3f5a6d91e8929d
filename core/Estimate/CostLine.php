<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

/** A part of what a job costs. */
final readonly class CostLine
{
    /**
     * @param float|null $minutes of work; null where it is material
     * @param string     $says    how it is reckoned
     */
    public function __construct(public string $what, public ?float $minutes, public int $cents, public string $says)
    {
    }
}
