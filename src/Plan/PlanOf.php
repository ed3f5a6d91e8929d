<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Index\IndexPlan;
use Ektype\Core\Layers\LayersPlan;
use Ektype\Core\Mix\ProcessPlan;
use Ektype\Core\Mix\SimulatedPlan;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\TwoTonePlan;

/** The plan that a method has. */
final class PlanOf
{
    public const ALL = [SpotPlan::class, OneInkPlan::class, TwoTonePlan::class, SimulatedPlan::class, ProcessPlan::class, IndexPlan::class, LayersPlan::class];

    /** @return class-string<Plan> */
    public static function method(MethodName $method): string
    {
        return self::ALL[array_search($method, MethodName::cases(), true)];
    }
}
