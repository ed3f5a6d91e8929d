<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Press\FlashCurve;

/** A probe on the ink after so many seconds under the flash: from now on its times are this shop’s. */
final readonly class ReadFlash implements Change
{
    /** Readings that count; older ones go, since flashes age. */
    private const KEPT = 12;

    public function __construct(private int $pressId, private FlashCurve $usual, private float $seconds, private float $celsius)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $press = $shop->printing->presses->get($this->pressId);
        $press->flashTimes = \array_slice([...$press->flashTimes, round($this->usual->learned($this->seconds, $this->celsius) / $this->usual->heatsS, 4)], -self::KEPT);

        return 'Flash of '.$press->name;
    }
}
