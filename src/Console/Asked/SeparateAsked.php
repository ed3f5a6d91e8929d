<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\App\Work\InkPalette;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\SpotRequest;
use Ektype\Core\Separation\SpotSeparation;

/** A print that is wanted, and the films for it. */
final readonly class SeparateAsked
{
    public function __construct(
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public float $widthMm,
        #[Hex]
        public string $garment,
        #[Within(1, 24)]
        public ?int $inks = null,
        #[Within(100, 2880, 'dpi')]
        public float $dpi = 600.0,
        #[Within(0, 3, 'mm')]
        public float $chokeMm = SpotRequest::CHOKE_MM,
        #[Within(0, 2, 'mm')]
        public float $trapMm = 0.0,
        public ?string $palette = null,
        public string $formats = 'pdf,png',
        public ?string $media = null,
        public bool $stepWedge = false,
        public bool $printGround = false,
        public string $out = '',
    ) {
    }

    public function request(): SpotRequest
    {
        return new SpotRequest(
            $this->widthMm,
            Srgb::fromHex($this->garment),
            $this->inks,
            $this->dpi,
            $this->chokeMm,
            printGround: $this->printGround,
            trapMm: $this->trapMm,
            palette: $this->palette === null ? [] : InkPalette::read($this->palette),
        );
    }
}
