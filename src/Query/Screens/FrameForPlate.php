<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Unit\Beside;

/** A frame of the rack as a choice for a plate. */
final readonly class FrameForPlate implements \JsonSerializable
{
    use PartsBeside;

    public function __construct(
        public int $id,
        public string $label,
        public string $mesh,
        public float $threadsPerCm,
        public float $tensionNPerCm,
        public FrameState $state,
        #[Beside]
        public FrameJudged $judged,
        #[Beside]
        public FrameFree $free,
    ) {
    }
}
