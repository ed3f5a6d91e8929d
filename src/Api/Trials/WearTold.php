<?php

declare(strict_types=1);

namespace Ektype\App\Api\Trials;

use Ektype\App\Request\Words;
use Ektype\Core\Cure\WearTest;
use Ektype\Core\Cure\WearVerdict;
use Ektype\Core\Ink\Vehicle;
use Ektype\Core\Plate\Substrate;
use Symfony\Component\Validator\Constraints as Assert;

/** What became of a print that was stretched or washed. */
final readonly class WearTold
{
    public function __construct(
        public Vehicle $vehicle,
        public float $peakC,
        public float $overS,
        public float $surfaceC,
        public WearVerdict $verdict,
        public int $washes = 0,
        #[Words(16, mayBeEmpty: true), Assert\Regex('/^([0-9a-f]{16})?$/', message: 'is no picture of this shop.')]
        public string $picture = '',
    ) {
    }

    public function test(Substrate $cloth, string $day): WearTest
    {
        return new WearTest($this->vehicle, $cloth, $this->peakC, $this->overS, $this->surfaceC, $this->verdict, $this->washes, day: $day, picture: $this->picture);
    }
}
