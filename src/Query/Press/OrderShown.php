<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** An order of printing with what it does. */
final readonly class OrderShown
{
    /**
     * @param string       $name       of the school, or what it is
     * @param list<int>    $plates     in print order
     * @param list<int>    $flashAfter of them
     * @param float        $liftedPct  of the picture that the next screens lift wet, weighed
     * @param float        $shiftedPct of the picture whose colour shifts, weighed
     * @param int          $stations   screens and flashes
     * @param float        $seconds    a piece, by hand
     * @param list<string> $reasons
     */
    public function __construct(
        public string $name,
        public array $plates,
        public array $flashAfter,
        public float $liftedPct,
        public float $shiftedPct,
        public int $stations,
        public float $seconds,
        public float $cost,
        public array $reasons,
    ) {
    }
}
