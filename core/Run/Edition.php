<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Unit\Chosen;

/** How an edition on paper is printed, as its printer chose. */
final readonly class Edition
{
    public function __construct(
        #[Chosen('artist’s proofs', 'sheets', 0, 100)]
        public int $artistProofs = 0,
        #[Chosen('a proof kept of each stage')]
        public bool $stageProofs = false,
        #[Chosen('retarder in the ink, by weight', '%', 0, 0.2, times: 100)]
        public float $retarder = 0.0,
        #[Chosen('margins masked on the screen')]
        public bool $masked = true,
        #[Chosen('each sheet registered under a fixed clear sheet')]
        public bool $clearSheet = false,
    ) {
    }
}
