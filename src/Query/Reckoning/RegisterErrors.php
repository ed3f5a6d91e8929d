<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Registration\Repeating;

/** Standard errors of what the readings of a plate say. */
final readonly class RegisterErrors
{
    /**
     * @param float      $shiftSdMm   of the shift that repeats
     * @param float|null $turnSdDeg   of the turn; null where one mark shows none
     * @param float|null $acrossSdPct of the growth across, %; null where nothing tells it
     * @param float|null $alongSdPct  of the growth along
     * @param float|null $scatterMm   of loading, from print to print, each way; null where neither prints nor the shop tell it
     */
    public function __construct(
        public float $shiftSdMm,
        public ?float $turnSdDeg = null,
        public ?float $acrossSdPct = null,
        public ?float $alongSdPct = null,
        public ?float $shearSdDeg = null,
        public ?float $scatterMm = null,
    ) {
    }

    public static function of(Repeating $of, bool $scatterIsKnown): self
    {
        return new self(
            $of->shiftSd->xMm,
            $of->turnSd === null ? null : rad2deg($of->turnSd),
            $of->growth->across === null ? null : 100 * $of->growth->across,
            $of->growth->along === null ? null : 100 * $of->growth->along,
            $of->growth->shear === null ? null : rad2deg($of->growth->shear),
            $of->scatterMm === null && !$scatterIsKnown ? null : $of->loadingMm,
        );
    }
}
