<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

/** What is said of a plate drawn by hand, beside its scan. */
final readonly class NewPositive
{
    public function __construct(public int $inkId)
    {
    }
}
