<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** How late all screens together come, and how it would be otherwise. */
final readonly class LateInAll
{
    /**
     * @param float $latenessMin          minutes late, all screens together
     * @param float $firstComeLatenessMin the same where screens are made as their jobs came in
     * @param float $bestLatenessMin      the same when the plan chooses
     */
    public function __construct(
        public float $latenessMin,
        public float $firstComeLatenessMin,
        public float $bestLatenessMin,
    ) {
    }
}
