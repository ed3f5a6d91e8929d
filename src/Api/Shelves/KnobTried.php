<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Press\TurnKnob;
use Ektype\App\Request\Bounded;
use Ektype\Core\Unit\Quantity;
use Symfony\Component\Validator\Constraints as Assert;

/** One knob was turned alone: how far the print moved at its marks. */
final readonly class KnobTried
{
    /** @param list<KnobMoved> $marks */
    public function __construct(
        #[Bounded(Quantity::KnobTurns)]
        public float $turns,
        #[Assert\Valid, Assert\Count(min: 1, max: 6, minMessage: 'names no mark. Measure at one at least.')]
        public array $marks,
    ) {
    }

    public function change(int $press, int $knob): TurnKnob
    {
        $moved = array_map(static fn (KnobMoved $m) => $m->reading(), $this->marks);

        return new TurnKnob($press, $knob, $this->turns, $moved === [] ? throw new \LogicException('A mark was asked for.') : $moved);
    }
}
