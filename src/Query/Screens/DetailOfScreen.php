<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\Core\Plate\Tones;

/** What the screen must hold. */
final readonly class DetailOfScreen
{
    public function __construct(
        public ?float $finestLineMm,
        public ?float $finestGapMm,
        public ?float $lpi,
        public ?float $angleDeg,
        public ?Tones $tones,
    ) {
    }
}
