<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Choice\RackFrame;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Screen\Tension;
use Ektype\Core\Unit\Point;

/** A frame of the rack. */
final readonly class RackFrameAsked
{
    /** @param Point $insideMm width and height */
    public function __construct(
        #[Words(20)]
        public string $label,
        public float $threadsPerCm,
        public float $threadUm,
        public Point $insideMm,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $nPerCm,
        public bool $dyed = false,
        public ?float $openingUm = null,
        public ?float $thicknessUm = null,
        public FrameState $state = FrameState::Bare,
        #[Within(0, 100_000)]
        public int $uses = 0,
        public string $takenBy = '',
        #[Within(0, 36_500, 'days')]
        public float $ageDays = 0.0,
    ) {
    }

    public function frame(): RackFrame
    {
        return new RackFrame(
            $this->label,
            new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed, $this->openingUm, $this->thicknessUm),
            $this->insideMm->xMm,
            $this->insideMm->yMm,
            $this->nPerCm,
            $this->state,
            uses: $this->uses,
            takenBy: $this->takenBy,
            ageDays: $this->ageDays,
        );
    }
}
