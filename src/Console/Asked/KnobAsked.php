<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Unit\Point;

/** A knob: where it touches the frame and which way it pushes. */
final readonly class KnobAsked
{
    public function __construct(
        #[Words(60)]
        public string $name,
        public Point $atMm,
        public Point $pushes,
        #[Within(-100, 100, 'mm')]
        public float $mmPerTurn,
    ) {
    }

    public function knob(): Knob
    {
        return new Knob($this->name, $this->atMm, $this->pushes, $this->mmPerTurn);
    }
}
