<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

/** Through which dryer the prints go. */
final readonly class CureAsked
{
    /** @param int|null $dryer null for the first on the shelf */
    public function __construct(public ?int $dryer = null)
    {
    }
}
