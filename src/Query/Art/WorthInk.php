<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** An ink among others, and what it is worth there. */
final readonly class WorthInk
{
    /**
     * @param float        $worth how much further off the print is without it in the mean, ΔE00
     * @param list<string> $where names of the colours that need it most
     */
    public function __construct(public int $id, public string $name, public string $hex, public float $worth, public array $where)
    {
    }
}
