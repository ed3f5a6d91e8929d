<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Flash\FlashKind;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Flash\ImpossibleFlash;
use Ektype\Core\Unit\Quantity;

/** The flash unit of a press; what is not told is as usual. */
final readonly class FlashEntry
{
    public function __construct(
        public ?FlashKind $flashKind = null,
        #[Within(100, 60000, 'W')]
        public ?float $flashWatts = null,
        #[Within(50, 2000, 'mm')]
        public ?float $flashWidthMm = null,
        #[Within(50, 2000, 'mm')]
        public ?float $flashDepthMm = null,
        #[Bounded(Quantity::FlashHeight)]
        public ?float $flashHeightMm = null,
    ) {
    }

    /** @throws ImpossibleFlash */
    public function unit(): FlashUnit
    {
        $usual = new FlashUnit();

        return new FlashUnit($this->flashKind ?? $usual->kind, $this->flashWatts ?? $usual->watts, $this->flashWidthMm ?? $usual->widthMm, $this->flashDepthMm ?? $usual->depthMm, heightMm: $this->flashHeightMm ?? $usual->heightMm);
    }
}
