<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Unit\Beside;

/** A colour of the art: what becomes of it, what may be decided, and the inks of the shelf that are near it. */
final readonly class PaletteColour implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param list<NearInk>  $nearInks
     * @param list<Decision> $offers
     * @param list<Tint>     $tints    of other inks that come near it, the nearest first
     * @param Tint|null      $tint     that it prints as
     */
    public function __construct(
        public string $hex,
        public float $sharePct,
        #[Beside]
        public ColourPrints $prints,
        public array $nearInks,
        public array $offers,
        public array $tints,
        public ?Tint $tint,
        #[Beside]
        public ColourOnBase $base,
    ) {
    }
}
