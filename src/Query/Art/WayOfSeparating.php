<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Plan\PlanField;
use Ektype\App\Plan\ShownPlan;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Figure;

/** By what it is separated. */
final readonly class WayOfSeparating
{
    /**
     * @param ShownPlan       $plan   by which it is separated
     * @param list<float>     $curve  of a picture in tones, L* wished for each 2 of L*, from 0 to 100: levels and bend together
     * @param Figure|null     $gain   of the press at half tone; null without tones
     * @param list<PlanField> $fields what can be chosen in the plan
     */
    public function __construct(
        public MethodName $method,
        public ShownPlan $plan,
        public MethodSays $says,
        public array $fields,
        public array $curve,
        public ?Figure $gain,
    ) {
    }
}
