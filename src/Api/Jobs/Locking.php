<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;

/** The ink of the shelf that a colour is to print in; 0 lets go of it. */
final readonly class Locking
{
    public function __construct(#[Hex] public string $hex, public int $inkId)
    {
    }
}
