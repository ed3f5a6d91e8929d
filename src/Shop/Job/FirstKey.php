<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Plan\Codec;
use Ektype\Core\Method\Layers\LayersPlan;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Positive;

/** What told apart the separations of plans of the first version; it must not change: stored keys are compared with it. */
final class FirstKey
{
    /** @param array<array-key, mixed> $stored the plan as it stands in the database */
    public static function of(Job $job, MethodName $method, array $stored): string
    {
        $framing = Codec::written($job->framing());
        $plan = $job->spotPlan();
        $paths = array_map(static fn (Positive $positive): string => $positive->path, $plan->positives);

        return hash('sha256', serialize($method === MethodName::usual() ? self::spot($job, $plan, $framing, $paths) : [
            $job->art->path,
            $job->widthMm,
            $job->garmentHex,
            $job->substrate->drinksInk(),
            $job->filmProfile()->dpi,
            $framing,
            $method->value,
            $stored,
            // Plates that were drawn by hand join a chain of layers.
            ...$method === MethodName::of(LayersPlan::class) ? [$paths] : [],
        ]));
    }

    /**
     * @param array<string, mixed> $framing
     * @param list<string>         $paths
     *
     * @return list<mixed>
     */
    private static function spot(Job $job, SpotPlan $plan, array $framing, array $paths): array
    {
        return [
            $job->art->path,
            $job->widthMm,
            $job->garmentHex,
            $plan->chokeMm,
            $job->trapMm(),
            $job->filmProfile()->dpi,
            $framing,
            $plan->inks,
            $plan->printGround,
            $plan->colours->merges,
            $plan->colours->leftOpen,
            $plan->colours->splits,
            $plan->locks,
            $plan->colours->highlights,
            $plan->colours->onBase,
            $plan->colours->overprints,
            $plan->colours->thicken,
            $plan->baseFrom,
            $paths,
            ...$plan->colours->tints === [] ? [] : [$plan->colours->tints, $plan->tintDots()],
        ];
    }
}
