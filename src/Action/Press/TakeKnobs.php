<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Correction\Correction;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobPair;
use Ektype\Core\Registration\PressLog;
use Ektype\Core\Unit\Point;

/** What corrections have shown of the knobs goes into the press’s profile: how far a turn goes, and which way. */
final readonly class TakeKnobs implements Change
{
    public function __construct(private int $pressId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $press = $shop->printing->presses->get($this->pressId);
        $log = $shop->light->corrections->shownBy($press);
        $taken = 0;
        $knobs = array_map(static function (Knob $knob) use ($log, &$taken): Knob {
            $pairs = array_values(array_filter(array_map(static fn (Correction $c): ?KnobPair => $c->pair($knob), $log)));
            if ($pairs === []) {
                return $knob;
            }
            $shown = PressLog::learn($knob, $pairs);
            ++$taken;
            $way = $shown->mmPerTurn < 0 || $shown->turnsTheOtherWay ? -1.0 : 1.0;

            return new Knob($knob->name, $knob->at, new Point($way * $knob->pushes->xMm, $way * $knob->pushes->yMm), abs($shown->mmPerTurn));
        }, $press->knobs());
        if ($taken === 0) {
            throw Refused::at('press', 'No correction on this press was read again yet, so nothing is known of its knobs. Turn, print, and read once more.');
        }
        $press->has($knobs);
        $press->assumed = false;

        return 'Knobs of '.$press->name.' as corrections have shown them';
    }
}
