<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Plate\BeforeLight;

/** A thing on the card before the light is done, or not yet. One at a time: two hands at one card lose nothing. */
final readonly class TickCard implements Change
{
    public function __construct(private int $plateId, private BeforeLight $done, private bool $on)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $ticked = $plate->beforeLight();
        $plate->didBeforeLight(
            array_values(
                array_filter(
                    BeforeLight::cases(),
                    fn (BeforeLight $one): bool => $one === $this->done ? $this->on : \in_array($one, $ticked, true),
                ),
            ),
        );

        return 'Card before the light of '.$plate->name;
    }
}
