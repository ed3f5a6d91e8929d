<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;

/** Plans as the shop stores them: whole, with a version. */
final class StoredPlan
{
    public const VERSION = 3;

    /** @return array<string, mixed> */
    public static function written(Plan $plan): array
    {
        return ['version' => self::VERSION, ...Codec::written($plan)];
    }

    /**
     * @param array<array-key, mixed> $stored
     *
     * @throws \UnexpectedValueException where a newer version wrote it, or it is damaged
     */
    public static function read(MethodName $method, array $stored): Plan
    {
        $version = $stored['version'] ?? ($stored === [] ? self::VERSION : 1);
        if (!\is_int($version) || $version > self::VERSION) {
            throw new \UnexpectedValueException('The plan of this job was made by a newer Ektype. Open the shop with that one.');
        }
        unset($stored['version'], $stored['method']);

        $raised = $version === 1 ? FlatPlan::raised($method, $stored) : $stored;

        // Until the third version colours shared one angle, and their films were made so.
        return Codec::read($method->plan, $version < 3 && $method->plan === SimulatedPlan::class ? ['angles' => PlateAngles::One->value, ...$raised] : $raised);
    }
}
