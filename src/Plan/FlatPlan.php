<?php

declare(strict_types=1);

namespace Ektype\App\Plan;

use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Separation\MethodName;

/** Plans of the first version lay all that was chosen side by side; since the second it stands in the parts that it belongs to. */
final class FlatPlan
{
    private const WORK = ['darkest', 'lightest', 'crisp', 'reach'];
    private const WISH = ['inks', 'screens', 'locked', 'forbidden', 'base', 'highlight'];

    /**
     * @param array<array-key, mixed> $flat
     *
     * @return array<array-key, mixed>
     */
    public static function raised(MethodName $method, array $flat): array
    {
        if ($method->plan === SpotPlan::class) {
            return self::spot($flat);
        }
        $plan = array_diff_key($flat, array_flip([...self::WORK, 'middleTone', 'bend', 'grounds', 'lpi', 'angleDeg', 'dot', 'range', 'halves']));
        $plan['work'] = [
            ...array_intersect_key($flat, array_flip(self::WORK)),
            'middle' => $flat['middleTone'] ?? 1.0,
            'bend' => ['points' => self::pairs($flat['bend'] ?? [])],
            'grounds' => self::pairs($flat['grounds'] ?? []),
        ];
        [$lightest, $darkest] = \is_array($flat['range'] ?? null) ? array_values($flat['range']) : [0.0, 1.0];
        $plan['dots'] = ['halftone' => array_intersect_key($flat, ['lpi' => 0, 'angleDeg' => 0]), 'dot' => $flat['dot'] ?? null, 'range' => ['lightest' => $lightest, 'darkest' => $darkest]];
        if (is_subclass_of($method->plan, MixPlan::class)) {
            $plan = array_diff_key($plan, array_flip(self::WISH));
            $plan['inks'] = array_intersect_key($flat, array_flip(self::WISH));
        }
        $plan['curves'] = ['halves' => $flat['halves'] ?? []];

        return $plan;
    }

    /**
     * @param array<array-key, mixed> $flat
     *
     * @return array<array-key, mixed>
     */
    private static function spot(array $flat): array
    {
        $plan = array_diff_key($flat, ['tintLpi' => 0, 'tintAngleDeg' => 0]);
        $plan['tintDots'] = isset($flat['tintLpi'], $flat['tintAngleDeg']) ? ['lpi' => $flat['tintLpi'], 'angleDeg' => $flat['tintAngleDeg']] : null;
        $plan['tints'] = \is_array($flat['tints'] ?? null) ? array_column($flat['tints'], null, 'hex') : [];

        return $plan;
    }

    /** @return list<list<mixed>> */
    private static function pairs(mixed $points): array
    {
        return \is_array($points) ? array_map(static fn (mixed $p): array => \is_array($p) ? [$p['x'] ?? null, $p['y'] ?? null] : [], array_values($points)) : [];
    }
}
