<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Ektype\App\Request\Bounded;
use Ektype\Core\Unit\Quantity;

/** Dots that are asked about; what is not told is the plate’s own. */
final readonly class Ruling
{
    /** @param float|null $angle degrees */
    public function __construct(
        #[Bounded(Quantity::Ruling)] public ?float $lpi = null,
        #[Bounded(Quantity::DotAngle)] public ?float $angle = null,
        public ?string $seen = null,
    ) {
    }
}
