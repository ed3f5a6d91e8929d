<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

/** A step test that disagrees with the others. */
final readonly class TestInDoubt
{
    /** @param float $slipPct how likely it is a slip */
    public function __construct(public int $id, public string $says, public float $slipPct)
    {
    }
}
