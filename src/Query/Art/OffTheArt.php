<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** How far a print is from its art. */
final readonly class OffTheArt
{
    /**
     * @param float|null $deltaE how far the print is from the art in the mean, ΔE00
     * @param float|null $p95    95 % of it is nearer, ΔE00
     * @param float|null $drift  how much it wanders over a run when each ink’s tone drifts by 3 %, ΔE00
     */
    public function __construct(
        public ?float $deltaE,
        public ?float $p95,
        public ?float $drift,
    ) {
    }
}
