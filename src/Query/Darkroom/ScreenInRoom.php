<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Unit\Beside;

/** A screen of the plan with its steps. */
final readonly class ScreenInRoom implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<StepInRoom> $steps
     */
    public function __construct(
        #[Beside]
        public PlateInRoom $plateOf,
        #[Beside]
        public FrameInRoom $frameOf,
        #[Beside]
        public StencilInRoom $stencil,
        public Lateness $late,
        public array $steps,
    ) {
    }
}
