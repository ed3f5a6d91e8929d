<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Figure;

/** How a frame is to be coated, what that makes, and when it is dry. */
final readonly class Coat implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param float|null   $filmUm thickness of a capillary film that is laid instead; null for liquid emulsion
     * @param float        $eomPct emulsion over mesh, % of the fabric
     * @param string       $school how the coats are told
     * @param list<string> $mind   plain sentences about emulsion and air
     */
    public function __construct(
        #[Beside]
        public CoatLaid $laid,
        public ?float $filmUm,
        public string $emulsion,
        public Figure $eom,
        public float $eomPct,
        public Figure $emulsionMl,
        public Figure $dryHours,
        public string $school,
        public array $mind,
    ) {
    }
}
