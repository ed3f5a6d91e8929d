<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** A run on a table: its colours on their way, and which is laid now. */
final readonly class OnTable
{
    /** @param list<Pass> $passes in print order */
    public function __construct(public array $passes, public ?int $plate)
    {
    }
}
