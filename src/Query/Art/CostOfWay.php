<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** What a way takes. */
final readonly class CostOfWay
{
    /**
     * @param int|null   $plates        how many; null where it cannot be
     * @param float|null $setUpMin      minutes until the first good print (heuristic)
     * @param float|null $secondsAShirt (heuristic)
     * @param float|null $inkGrams      of one print
     */
    public function __construct(
        public ?int $plates,
        public ?float $setUpMin,
        public ?float $secondsAShirt,
        public ?float $inkGrams,
    ) {
    }
}
