<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Request\Within;
use Ektype\Core\Registration\Reading;

/** Where a mark lies, from the centre of the print. */
final readonly class MarkPlace
{
    public function __construct(
        #[Within(-Reading::FARTHEST_MM, Reading::FARTHEST_MM, 'mm')]
        public float $xMm,
        #[Within(-Reading::FARTHEST_MM, Reading::FARTHEST_MM, 'mm')]
        public float $yMm,
    ) {
    }
}
