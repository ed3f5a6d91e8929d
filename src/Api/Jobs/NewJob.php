<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Plate\Substrate;

/** What is said of a new job beside its picture. */
final readonly class NewJob
{
    public function __construct(
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public float $widthMm,
        #[Hex]
        public string $garmentHex,
        #[Words(120)]
        public ?string $name = null,
        #[Words(60, mayBeEmpty: true)]
        public string $garmentName = '',
        public Substrate $substrate = Substrate::Cotton,
        public ArtPart $part = ArtPart::Whole,
    ) {
    }

    public function garment(): string
    {
        return Srgb::fromHex($this->garmentHex)->hex();
    }
}
