<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Registration\Reading;

/** How the prints of it repeat. */
final readonly class PrintsScatter
{
    /**
     * @param float|null          $repeatMm from print to print; null with one print
     * @param list<list<Reading>> $byPrint  as they were read
     * @param string              $repeats  what is not turned back, and why; empty where all of it is
     * @param int|null            $oddPrint which print lies elsewhere than the others, from nought
     */
    public function __construct(
        public int $prints,
        public ?float $repeatMm,
        public array $byPrint,
        public string $repeats,
        public ?int $oddPrint,
    ) {
    }
}
