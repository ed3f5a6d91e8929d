<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Unit\Beside;

/** A strip of the stack: one plate with what it needs at a glance. */
final readonly class Strip implements \JsonSerializable
{
    use PartsBeside;

    public function __construct(
        public int $id,
        public int $position,
        #[Beside]
        public PlateOfStrip $plate,
        public string $name,
        #[Beside]
        public InkOfStrip $ink,
        #[Beside]
        public StepOfStrip $step,
        #[Beside]
        public FrameOfStrip $frame,
        #[Beside]
        public ReadsOfStrip $reads,
        public Stages $stages,
        public string $mind,
    ) {
    }
}
