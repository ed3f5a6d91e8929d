<?php

declare(strict_types=1);

namespace Ektype\App\Api\Sheets;

use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Screen\Tension;

/** A frame of the rack. */
final readonly class FrameRow implements Row
{
    public function __construct(
        #[Words(20)]
        public string $label,
        public float $threadsPerCm,
        public float $threadUm,
        #[Within(50, 3000, 'mm')]
        public float $insideWidthMm,
        #[Within(50, 3000, 'mm')]
        public float $insideHeightMm,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $tensionNPerCm,
        public bool $dyed = false,
        #[Day(hasBeen: true)]
        public ?string $stretchedOn = null,
        #[Words(20, mayBeEmpty: true)]
        public string $rackPlace = '',
        #[Within(50, 4000, 'mm')]
        public ?float $outsideWidthMm = null,
        #[Within(50, 4000, 'mm')]
        public ?float $outsideHeightMm = null,
    ) {
    }
}
