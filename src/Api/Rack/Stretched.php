<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Action\Screens\StretchFrame;
use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\Core\Screen\Tension;

/** The new mesh of a frame; what is not told is as it was. */
final readonly class Stretched
{
    public function __construct(
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $tensionNPerCm,
        public ?float $threadsPerCm = null,
        public ?float $threadUm = null,
        public ?bool $dyed = null,
        #[Day(hasBeen: true)]
        public ?string $stretchedOn = null,
    ) {
    }

    public function change(int $frame): StretchFrame
    {
        return new StretchFrame($frame, $this->tensionNPerCm, $this->threadsPerCm, $this->threadUm, $this->dyed, $this->stretchedOn);
    }
}
