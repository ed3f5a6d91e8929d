<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\Core\Flash\FlashKind;
use Ektype\Core\Flash\FlashUnit;

/** The flash unit of a press. */
final readonly class FlashOfPress
{
    private function __construct(public FlashKind $flashKind, public float $flashWatts, public float $flashWidthMm, public float $flashDepthMm, public float $flashHeightMm, public float $flashWattCm2)
    {
    }

    public static function of(FlashUnit $unit): self
    {
        return new self($unit->kind, $unit->watts, $unit->widthMm, $unit->depthMm, $unit->heightMm, $unit->wattCm2());
    }
}
