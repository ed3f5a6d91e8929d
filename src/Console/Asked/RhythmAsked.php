<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** A run on a press. */
final readonly class RhythmAsked
{
    /** @param list<StationAsked> $screens in print order */
    public function __construct(
        #[Assert\Valid]
        public array $screens,
        #[Bounded(Quantity::Platens)]
        public int $platens = 4,
        public bool $automatic = false,
        #[Within(1, 1_000_000)]
        public int $pieces = 50,
    ) {
    }

    /** @return list<PressStation> */
    public function stations(): array
    {
        return array_map(static fn (StationAsked $s): PressStation => new PressStation($s->name, $s->strokes, $s->flashS, $s->coolS), $this->screens);
    }
}
