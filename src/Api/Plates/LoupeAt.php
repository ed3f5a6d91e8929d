<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use Ektype\App\Query\Pictures\PlateOff;
use Ektype\App\Request\Within;
use Ektype\Core\Unit\Point;

/** Where a loupe lies on a print, how much it shows, and the plate that is out of register under it. */
final readonly class LoupeAt
{
    /**
     * @param float    $mm    across the loupe
     * @param int|null $plate the one that is off
     * @param float    $turn  degrees clockwise
     */
    public function __construct(
        #[Within(-100, 3000, 'mm')]
        public float $x,
        #[Within(-100, 3000, 'mm')]
        public float $y,
        #[Within(1, 60, 'mm')]
        public float $mm,
        public ?int $plate = null,
        #[Within(-20, 20, 'mm')]
        public float $dx = 0.0,
        #[Within(-20, 20, 'mm')]
        public float $dy = 0.0,
        #[Within(-10, 10, 'degrees')]
        public float $turn = 0.0,
    ) {
    }

    public function point(): Point
    {
        return new Point($this->x, $this->y);
    }

    public function off(): ?PlateOff
    {
        return $this->plate === null ? null : new PlateOff($this->plate, new Point($this->dx, $this->dy), $this->turn);
    }
}
