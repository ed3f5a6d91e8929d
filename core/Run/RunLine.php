<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A garment of the order as the run counts it, and the ink that a piece of it takes from each screen. */
final readonly class RunLine
{
    /**
     * @param array<array-key, int> $sizes pieces by size; one of no name where sizes are not told
     * @param array<int, float>     $grams a piece, by plate; a screen that stays up on this garment has none
     */
    public function __construct(public string $words, public array $sizes, public array $grams = [])
    {
    }

    public function pieces(): int
    {
        return array_sum($this->sizes);
    }
}
