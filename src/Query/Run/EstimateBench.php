<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Estimate\Estimate;
use Ektype\Core\Estimate\JobToPrice;
use Ektype\Core\Estimate\LearnedRates;
use Ektype\Core\Estimate\PriceAt;
use Ektype\Core\Estimate\Rates;

/** What a job costs and what is asked for it. */
final readonly class EstimateBench
{
    /**
     * @param list<PriceAt> $curve
     * @param list<string>  $says  where the figures come from, and what the run really took
     */
    public function __construct(public Rates $rates, public Estimate $estimate, public array $curve, public JobToPrice $uses, public LearnedRates $learned, public array $says)
    {
    }
}
