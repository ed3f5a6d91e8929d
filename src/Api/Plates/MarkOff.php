<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Request\Within;
use Ektype\Core\Registration\Reading;

/** How far a plate landed off, to the right and away from the operator. */
final readonly class MarkOff
{
    public function __construct(
        #[Within(-Reading::LARGEST_OFF_MM, Reading::LARGEST_OFF_MM, 'mm')]
        public float $xMm,
        #[Within(-Reading::LARGEST_OFF_MM, Reading::LARGEST_OFF_MM, 'mm')]
        public float $yMm,
    ) {
    }
}
