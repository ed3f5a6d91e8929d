<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Run\MisprintCause;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\Run\RunEventKind;
use Ektype\Core\Run\StopReason;
use Ektype\Core\Unit\Point;
use Symfony\Component\Validator\Constraints as Assert;

/** One thing that happened, with the name that its device gave it. */
final readonly class EventTold
{
    /**
     * @param float|null $xMm of a misprint, from the middle of the print to the right
     * @param float|null $yMm and down
     */
    public function __construct(
        #[Words(60)]
        public string $id,
        public int $atMs,
        public RunEventKind $kind,
        #[Assert\Range(min: 0, max: 60, notInRangeMessage: 'is {{ value }}; an order has no such line.')]
        public int $line = 0,
        #[Words(20, mayBeEmpty: true)]
        public string $size = '',
        public int $pieces = 1,
        #[Within(-3000, 3000, 'mm')]
        public ?float $xMm = null,
        #[Within(-3000, 3000, 'mm')]
        public ?float $yMm = null,
        public ?MisprintCause $cause = null,
        public ?StopReason $reason = null,
        public ?int $plate = null,
        public ?float $grams = null,
        #[Words(60, mayBeEmpty: true)]
        public string $name = '',
    ) {
    }

    /** @param int $offMs what its device’s clock is behind the shop’s */
    public function event(int $offMs): RunEvent
    {
        return new RunEvent(
            $this->id,
            $this->atMs + $offMs,
            $this->kind,
            $this->line,
            trim($this->size),
            $this->pieces,
            at: $this->xMm === null || $this->yMm === null ? null : new Point($this->xMm, $this->yMm),
            cause: $this->cause,
            reason: $this->reason,
            plate: $this->plate,
            grams: $this->grams,
            name: trim($this->name),
        );
    }
}
