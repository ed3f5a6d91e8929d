<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** Whose screen it is. */
final readonly class PlateInRoom
{
    public function __construct(
        public int $plateId,
        public int $jobId,
        public string $job,
        public string $plate,
        public string $hex,
    ) {
    }
}
