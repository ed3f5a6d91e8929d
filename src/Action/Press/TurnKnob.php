<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Registration\KnobTurned;
use Ektype\Core\Registration\Reading;

/** One knob was turned alone, and the print measured: from now on it pushes that way, so far a turn. */
final readonly class TurnKnob implements Change
{
    /** @param non-empty-list<Reading> $moved */
    public function __construct(private int $pressId, private int $knob, private float $turns, private array $moved)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $press = $shop->printing->presses->get($this->pressId);
        $knobs = $press->knobs();
        $knob = $knobs[$this->knob] ?? throw Refused::at('knob', 'This press has no such knob any more. Look at its shelf again.');
        $learned = KnobTurned::learned($knob, $this->turns, $this->moved);
        $knobs[$this->knob] = $learned;
        $press->has($knobs);

        return \sprintf('Knob %s of %s: %.2f mm a turn', $learned->name, $press->name, $learned->mmPerTurn);
    }
}
