<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** What it is coated and burned with. */
final readonly class StencilInRoom
{
    /**
     * @param string $coat how it is coated; empty where it is
     */
    public function __construct(
        public string $coat,
        public string $emulsion,
        public float $emulsionMl,
        public string $lamp,
    ) {
    }
}
