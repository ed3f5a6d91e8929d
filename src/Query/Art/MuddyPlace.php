<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** A colour of the art that some inks print far off. */
final readonly class MuddyPlace
{
    public function __construct(public string $hex, public string $name, public float $sharePct, public float $deltaE)
    {
    }
}
