<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Separation\Plan;

/** The plan that a method begins with in a shop. */
final class BegunPlan
{
    /** @param list<Frame> $rack */
    public static function of(MethodName $method, array $rack): Plan
    {
        return Methods::called($method)->begin(self::meshes($rack));
    }

    /**
     * @param list<Frame> $rack
     *
     * @return list<Mesh>
     */
    public static function meshes(array $rack): array
    {
        return array_map(static fn (Frame $frame): Mesh => $frame->mesh(), $rack);
    }
}
