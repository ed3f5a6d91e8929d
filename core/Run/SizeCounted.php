<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A size of a garment: ordered, printed good, and what is left. */
final readonly class SizeCounted
{
    public int $left;

    public function __construct(public string $size, public int $ordered, public int $good)
    {
        $this->left = max(0, $ordered - $good);
    }
}
