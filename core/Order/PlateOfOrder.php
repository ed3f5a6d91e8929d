<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

use Ektype\Core\Colour\Lab;

/** A plate as an order counts it. */
final readonly class PlateOfOrder
{
    /**
     * @param Lab   $ink         as printed
     * @param bool  $isWhiteBase whether it is there only to carry the others
     * @param int   $strokes     at each piece
     * @param float $gramsEach   ink for one piece
     */
    public function __construct(
        public string $name,
        public Lab $ink,
        public bool $isWhiteBase,
        public bool $flashAfter,
        public int $strokes,
        public float $gramsEach,
    ) {
    }
}
