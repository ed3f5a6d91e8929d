<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

/** What one line of an order changes at the press. */
final readonly class LineChange
{
    /**
     * @param list<int>    $leftOut numbers of plates whose screens stay up
     * @param list<string> $says    plain sentences
     * @param float        $minutes of printing, with the usual pauses and without setting up
     */
    public function __construct(
        public int $pieces,
        public array $leftOut,
        public array $says,
        public float $secondsAPiece,
        public float $minutes,
        public float $inkGrams,
    ) {
    }
}
