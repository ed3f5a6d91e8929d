<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/** A film as it was read: its size, and its marks from the top left corner, right and down. */
final readonly class FilmAsRead
{
    /** Films that differ by less are of one size, mm. */
    private const SAME_SIZE_MM = 0.1;

    /**
     * @param list<Point>     $marks
     * @param list<FlagFound> $flags
     */
    public function __construct(
        public string $file,
        public float $wideMm,
        public float $highMm,
        public array $marks,
        public array $flags = [],
    ) {
    }

    public function isAsLargeAs(self $other): bool
    {
        return abs($this->wideMm - $other->wideMm) < self::SAME_SIZE_MM && abs($this->highMm - $other->highMm) < self::SAME_SIZE_MM;
    }
}
