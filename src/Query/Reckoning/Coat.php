<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\Core\Screen\Edge;
use Ektype\Core\Unit\Figure;

/** How a frame is to be coated, what that makes, and when it is dry. */
final readonly class Coat
{
    /**
     * @param float|null   $filmUm thickness of a capillary film that is laid instead; null for liquid emulsion
     * @param float        $eomPct emulsion over mesh, % of the fabric
     * @param string       $edges  how smooth its edges come out
     * @param string       $school how the coats are told
     * @param list<string> $mind   plain sentences about emulsion and air
     */
    public function __construct(
        public string $words,
        public Edge $edge,
        public int $printCoats,
        public int $squeegeeCoats,
        public ?float $filmUm,
        public string $emulsion,
        public Figure $eom,
        public float $eomPct,
        public Figure $emulsionMl,
        public Figure $dryHours,
        public string $edges,
        public string $school,
        public array $mind,
    ) {
    }
}
