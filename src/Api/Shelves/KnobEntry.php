<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Registration\Knob;
use Symfony\Component\Validator\Constraints as Assert;

/** A micro-register knob: where it touches the frame, which way it pushes, and how far a turn moves it. */
final readonly class KnobEntry
{
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Assert\Valid]
        public KnobPoint $at,
        #[Assert\Valid]
        public KnobPoint $pushes,
        #[Within(-100, 100, 'mm')]
        public float $mmPerTurn,
    ) {
    }

    public function knob(): Knob
    {
        return new Knob(trim($this->name), $this->at->point(), $this->pushes->point(), $this->mmPerTurn);
    }
}
