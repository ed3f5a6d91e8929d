<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** What a change to the tones would print, and the curve that it makes. */
final readonly class TriedTones
{
    /**
     * @param string      $png   the print, small
     * @param list<float> $curve L* wished for each 2 of L*
     */
    public function __construct(public string $png, public array $curve)
    {
    }
}
