<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;
use Ektype\Core\Unit\Figure;

/** The plates: what they hold, how far they may shift, what they stand on. */
final readonly class PlatesBench
{
    /**
     * @param string|null           $baseFrom     hex of the colour whose plate serves as the base
     * @param Figure|null           $budgetFigure how far plates may part before something shows; null where none touch
     * @param list<NeighbourBudget> $budget
     * @param list<ThinPlace>       $thinBase     where the choke of the base was held back
     * @param list<WitnessSpot>     $witnesses
     * @param list<PlateOnBench>    $plates       in print order
     * @param string                $carries      what a plate of its method carries; empty for flat colours
     */
    public function __construct(
        public string $orderSchool,
        public Figure $trap,
        public float $chokeMm,
        public ?string $baseFrom,
        public ?Figure $budgetFigure,
        public array $budget,
        public array $thinBase,
        public array $witnesses,
        public bool $toleranceSet,
        public array $plates,
        public MethodName $method,
        public string $carries,
    ) {
    }
}
