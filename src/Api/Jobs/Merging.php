<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;

/** A colour that is to print as another. */
final readonly class Merging
{
    public function __construct(#[Hex] public string $from, #[Hex] public string $into)
    {
    }
}
