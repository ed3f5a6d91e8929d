<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Hex;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** Plates of a job and the frames of a rack. */
final readonly class RackAsked
{
    /**
     * @param Point                $printMm width and height of the print
     * @param list<RackPlateAsked> $plates
     * @param list<RackFrameAsked> $frames
     */
    public function __construct(
        public Point $printMm,
        #[Assert\Valid]
        public array $plates,
        #[Assert\Valid]
        public array $frames,
        #[Hex]
        public string $garment = '#ffffff',
        public Substrate $substrate = Substrate::Cotton,
        #[Bounded(Quantity::PrintCentre)]
        public float $centreFromEndMm = 280.0,
        public string $job = '',
    ) {
    }
}
