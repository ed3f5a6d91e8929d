<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** Its print. */
final readonly class PrintOnShelf
{
    /**
     * @param list<string> $inkHexes in print order
     * @param list<string> $inkNames in print order
     */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public array $inkHexes,
        public array $inkNames,
        public bool $separated,
        public string $pullKey,
    ) {
    }
}
