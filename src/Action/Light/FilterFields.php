<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

/** What was read of a filter film: one burn, and the shares of light of its fields. */
final readonly class FilterFields
{
    public function __construct(public float $burnedS, public ?float $low, public ?float $best, public ?float $high)
    {
    }
}
