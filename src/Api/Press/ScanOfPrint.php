<?php

declare(strict_types=1);

namespace Ektype\App\Api\Press;

use Ektype\App\Request\Within;

/** What is said beside the scan of a strike-off. */
final readonly class ScanOfPrint
{
    /** @param int|null $platen that it was printed on; null where nobody noted it */
    public function __construct(
        #[Within(1, 48)]
        public ?int $platen = null,
    ) {
    }
}
