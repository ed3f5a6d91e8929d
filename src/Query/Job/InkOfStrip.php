<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** The ink of a strip. */
final readonly class InkOfStrip
{
    public function __construct(
        public ?int $inkId,
        public string $inkName,
        public string $inkHex,
    ) {
    }
}
