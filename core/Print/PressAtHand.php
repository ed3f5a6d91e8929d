<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Flash\FlashLearned;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Press\PressWay;

/** The press that prints. */
final readonly class PressAtHand
{
    /** @param float|null $centreFromEndMm centre of the print from the near side of the frame; null in its middle */
    public function __construct(
        public PressWay $way,
        public int $heads,
        public int $flashes,
        public int $platens,
        public FlashLearned $flash,
        public ?float $centreFromEndMm = null,
        public FlashUnit $unit = new FlashUnit(),
    ) {
    }

    /** Until one is chosen: turned by hand, one platen, a flash, and heads for all. */
    public static function none(): self
    {
        return new self(PressWay::Rotary, 99, 1, 1, FlashLearned::of([]));
    }
}
