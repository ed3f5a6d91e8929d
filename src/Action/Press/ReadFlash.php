<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Flash\FlashCurve;
use Ektype\Core\Flash\FlashReading;
use Ektype\Core\Flash\FlashSign;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Plate\Substrate;

/** A probe or a finger on the ink after so many seconds under the flash: from now on its times are this shop’s. */
final readonly class ReadFlash implements Change
{
    /** Readings that count; older ones go, since flashes age. */
    private const KEPT = 12;
    /** A usual film of ink, as it stands on cloth, µm. */
    private const FILM_UM = 60.0;

    /**
     * @param float|null $heightMm of the flash over the print; null as it hangs
     * @param float|null $celsius  what a probe read; null where a finger felt it
     * @param float|null $filmUm   of the ink as it stands; null for the usual
     */
    public function __construct(
        private int $pressId,
        private float $seconds,
        private FlashSign $sign,
        private ?float $celsius,
        private float $platenC,
        private ?float $heightMm = null,
        private Substrate $substrate = Substrate::Cotton,
        private ?float $filmUm = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $press = $shop->printing->presses->get($this->pressId);
        $unit = $press->flashUnit();
        $curve = new FlashCurve($this->heightMm === null ? $unit : $unit->at($this->heightMm), $this->filmUm ?? self::FILM_UM, Underlay::of($this->substrate), $this->platenC);
        $read = FlashReading::of($curve, $this->seconds, $this->sign, $this->celsius);
        $press->flashRead(\array_slice([...$press->flashReadings(), new FlashReading(round($read->times, 4), $read->sign)], -self::KEPT));

        return 'Flash of '.$press->name;
    }
}
