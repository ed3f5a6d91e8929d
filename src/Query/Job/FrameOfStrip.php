<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** The frame that it is burned on. */
final readonly class FrameOfStrip
{
    /**
     * @param float|null $burnedSeconds null until its screen was burned
     */
    public function __construct(
        public ?int $frameId,
        public string $frameLabel,
        public ?float $burnedSeconds,
    ) {
    }
}
