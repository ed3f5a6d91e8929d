<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Ektype\App\Request\Within;

/** Dots that are asked about; what is not told is the plate’s own. */
final readonly class Ruling
{
    /** @param float|null $angle degrees */
    public function __construct(
        #[Within(5, 200, 'lines per inch')] public ?float $lpi = null,
        #[Within(-180, 180, 'degrees')] public ?float $angle = null,
        public ?string $seen = null,
    ) {
    }
}
