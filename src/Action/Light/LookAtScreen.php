<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\PlateScreen;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Exposure\SinkCheck;

/** What was seen at the sink; the light learns from it. */
final readonly class LookAtScreen implements Change
{
    /** @param SinkCheck|null $seen null where nobody looked after all */
    public function __construct(private int $plateId, private ?SinkCheck $seen)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $stencil = PlateScreen::stencil($plate, $shop);
        if ($stencil === null || !$stencil->isBurned() || $stencil->plate() !== $plate) {
            throw Refused::at(
                'sinkCheck',
                \sprintf('%s was not burned yet, so there is nothing to see at the sink. Burn it first.', $plate->name),
            );
        }
        $stencil->look($this->seen);
        if ($this->seen !== null) {
            $shop->note($stencil->frame, 'At the sink: '.$this->seen->words());
        }

        return 'Look at the sink of '.$plate->name;
    }
}
