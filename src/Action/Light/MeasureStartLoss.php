<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Lamp\StartLoss;

/** Several short burns looked like one long one: what each start of the lamp loses follows. */
final readonly class MeasureStartLoss implements Change
{
    public function __construct(private int $lampId, private float $longS, private float $shortS, private int $burns)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $lamp = $shop->light->lamps->get($this->lampId);
        $lamp->startLossS = StartLoss::of($this->longS, $this->shortS, $this->burns);

        return 'Start of '.$lamp->name;
    }
}
