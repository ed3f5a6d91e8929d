<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Flash\FlashAt;
use Ektype\Core\Flash\FlashUnsure;

/** A plate under the flash. */
final readonly class FlashOfPlate
{
    /**
     * @param bool          $between whether it is between two layers of the plate
     * @param bool          $after   whether it is after its last layer
     * @param float|null    $toS     null where it never gets too much
     * @param string        $does    what the dwell does to the ink
     * @param float|null    $coldS   the dwell of the first piece, on cold platens; null where it never gels
     * @param list<FlashAt> $heats   what shorter and longer ones would do
     * @param list<string>  $says    what must be minded
     */
    public function __construct(
        public bool $between,
        public bool $after,
        public float $dwellS,
        public float $fromS,
        public ?float $toS,
        public float $surfaceC,
        public float $coolS,
        public string $does,
        public ?float $coldS,
        public array $heats,
        public FlashUnsure $unsure,
        public array $says,
    ) {
    }
}
