<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Plate\Laying;
use Ektype\Core\Press\Hardness;
use Ektype\Core\Press\Pressure;
use Ektype\Core\Press\Speed;
use Ektype\Core\Unit\Chosen;

/** What a hand decided of how a plate is printed; null leaves it to the law. */
final readonly class ByHand
{
    public function __construct(
        #[Chosen('strokes', automatic: 'by the cloth and what the plate is for')]
        public ?Laying $laying = null,
        #[Chosen('flash after it', automatic: 'by its mesh and what touches it')]
        public ?bool $flash = null,
        #[Chosen('dwell', 's', 1, 60, 'by height, film and cloth')]
        public ?float $dwellS = null,
        #[Chosen('squeegee', automatic: 'by its detail')]
        public ?Hardness $hardness = null,
        #[Chosen('angle', '°', 30, 90, 'by its detail')]
        public ?float $angleDeg = null,
        #[Chosen('speed', automatic: 'by its detail')]
        public ?Speed $speed = null,
        #[Chosen('pressure', automatic: 'by mesh and tone')]
        public ?Pressure $pressure = null,
        #[Chosen('flood', automatic: 'every time')]
        public ?bool $flood = null,
        #[Chosen('off-contact', 'mm', 0.5, 15, 'by tension and cloth')]
        public ?float $offContactMm = null,
        #[Chosen('set-back', 'mm', -3, 3, 'by the drag of its screen')]
        public ?float $setBackMm = null,
        #[Chosen('head', '', 1, 40, 'by the order')]
        public ?int $head = null,
    ) {
    }

    /** What of it belongs to an ink on its mesh, and not to this job alone. */
    public function ofInkAndMesh(): self
    {
        return new self($this->laying, hardness: $this->hardness, angleDeg: $this->angleDeg, speed: $this->speed, pressure: $this->pressure, flood: $this->flood);
    }

    public function isNothing(): bool
    {
        return array_filter(get_object_vars($this), static fn (mixed $one): bool => $one !== null) === [];
    }

    public function flashed(bool $flash): self
    {
        return new self($this->laying, $flash, $this->dwellS, $this->hardness, $this->angleDeg, $this->speed, pressure: $this->pressure, flood: $this->flood, offContactMm: $this->offContactMm, setBackMm: $this->setBackMm, head: $this->head);
    }
}
