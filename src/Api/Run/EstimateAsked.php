<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\App\Request\Within;

/** For how many pieces a price is asked. */
final readonly class EstimateAsked
{
    /** @param int|null $pieces null for the order */
    public function __construct(#[Within(1, 1_000_000)] public ?int $pieces = null)
    {
    }
}
