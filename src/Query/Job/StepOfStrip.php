<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** Why it prints at its place, and whether a flash comes after it. */
final readonly class StepOfStrip
{
    public function __construct(
        public string $orderReason,
        public bool $flashAfter,
        public string $flashReason,
    ) {
    }
}
