<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use Ektype\App\Action\Screens\SayFrame;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Screen\FrameState;

/** What is said of a frame: its state, place, outside size and mesh angle; what is not named stays. */
final readonly class FramePatch
{
    public function __construct(
        public ?FrameState $state = null,
        #[Words(20, mayBeEmpty: true)]
        public ?string $rackPlace = null,
        #[Within(50, 4000, 'mm')]
        public ?float $outsideWidthMm = null,
        #[Within(50, 4000, 'mm')]
        public ?float $outsideHeightMm = null,
        #[Within(-90, 90, 'degrees')]
        public ?float $meshAngleDeg = null,
    ) {
    }

    public function change(int $frame): SayFrame
    {
        return new SayFrame($frame, $this->state, $this->rackPlace, $this->outsideWidthMm, $this->outsideHeightMm, $this->meshAngleDeg);
    }
}
