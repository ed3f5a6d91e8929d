<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A box that was closed. */
final readonly class Box
{
    public function __construct(public string $name, public int $pieces)
    {
    }
}
