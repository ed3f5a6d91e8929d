<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** What so many seconds under the flash do to the ink. */
final readonly class FlashAt
{
    public function __construct(public float $seconds, public float $celsius, public string $does)
    {
    }
}
