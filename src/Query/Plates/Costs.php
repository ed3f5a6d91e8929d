<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

/** What each plate buys, and the best print for each number of inks. */
final readonly class Costs
{
    /**
     * @param list<CostRow>     $ranked from all inks to one
     * @param list<CostOfPlate> $each
     * @param list<BaseOffer>   $bases  inks that could serve as the base too, the least change first
     */
    public function __construct(public array $ranked, public array $each, public array $bases)
    {
    }
}
