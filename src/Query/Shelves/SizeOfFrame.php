<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\Frame\Frame;

/** How large a frame is. */
final readonly class SizeOfFrame
{
    public function __construct(
        public float $insideWidthMm,
        public float $insideHeightMm,
        public ?float $outsideWidthMm,
        public ?float $outsideHeightMm,
    ) {
    }
}
