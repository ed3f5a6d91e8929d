<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Separation\Decision;

/** A colour of the art: what becomes of it, what may be decided, and the inks of the shelf that are near it. */
final readonly class PaletteColour
{
    /**
     * @param int|null       $lockedInkId the ink that it is locked to
     * @param bool           $givenAway   whether the printer gave it to the garment
     * @param list<NearInk>  $nearInks
     * @param list<Decision> $offers
     * @param list<Tint>     $tints       of other inks that come near it, the nearest first
     * @param Tint|null      $tint        that it prints as
     * @param bool           $onBase      whether it stands on the base
     * @param bool           $baseByHand  whether the printer said so; else the garment asks for it
     */
    public function __construct(
        public string $hex,
        public float $sharePct,
        public string $printsAs,
        public bool $leftOpen,
        public string $whyOpen,
        public bool $givenAway,
        public bool $isSplit,
        public ?int $lockedInkId,
        public array $nearInks,
        public array $offers,
        public array $tints,
        public ?Tint $tint,
        public bool $onBase,
        public bool $baseByHand,
    ) {
    }
}
