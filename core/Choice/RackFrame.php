<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\FrameState;

/** A frame as the rack offers it. */
final readonly class RackFrame
{
    /**
     * @param string $takenBy the job that holds it; empty where none does
     * @param float  $ageDays since it was stretched
     */
    public function __construct(
        public string $label,
        public Mesh $mesh,
        public float $insideWidthMm,
        public float $insideHeightMm,
        public float $tensionNPerCm,
        public FrameState $state = FrameState::Bare,
        public int $uses = 0,
        public string $takenBy = '',
        public float $ageDays = 0.0,
    ) {
    }
}
