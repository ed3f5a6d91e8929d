<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** Screens that go under the lamp one after the other with one time. */
final readonly class BatchUnderLight
{
    /** @param list<int> $plates their ids */
    public function __construct(public array $plates, public float $seconds, public string $words)
    {
    }
}
