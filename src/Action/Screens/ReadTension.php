<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Screen\Tension;

/** The tension of a frame was read at its five places, both ways. */
final readonly class ReadTension implements Change
{
    /**
     * @param list<float> $along  N/cm
     * @param list<float> $across
     */
    public function __construct(private int $frameId, private array $along, private array $across, private ?string $doneOn = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $frame = $shop->screens->frames->get($this->frameId);
        $on = $this->doneOn ?? $shop->now()->format('Y-m-d');
        if ($frame->stretchedOn !== null && $on < $frame->stretchedOn) {
            throw Refused::at(
                'doneOn',
                \sprintf(
                    'This mesh was stretched on %s: a reading of %s belongs to the one before it. Check the date.',
                    $frame->stretchedOn,
                    $on,
                ),
            );
        }
        foreach (['along' => $this->along, 'across' => $this->across] as $side => $values) {
            if (\count($values) !== Tension::PLACES) {
                throw Refused::at(
                    $side,
                    \sprintf(
                        'The tension is read at %d places, the corners and the middle; %d were given.',
                        Tension::PLACES,
                        \count($values),
                    ),
                );
            }
        }
        $reading = new TensionReading($frame, $on, $this->along, $this->across);
        $before = $shop->screens->tensions->of($frame);
        $shop->screens->tensions->add($reading);
        if ($before === [] || $before[\count($before) - 1]->doneOn <= $on) {
            $frame->tensionNPerCm = round($reading->mean(), 2);
            $frame->assumed = false;
        }
        $said = \sprintf('Tension read, of %s', $on);
        $shop->note($frame, $said);

        return \sprintf('Frame %s: %s', $frame->label, lcfirst($said));
    }
}
