<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Tone\Middle;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\TwoTonePlan;

/** The plans of pictures in tones as the shop stores them: whole, with a version. */
final class KeptTonePlan
{
    public const VERSION = 1;

    public static function read(MethodName $method, Kept $kept): TonalPlan
    {
        return match ($method) {
            MethodName::OneInk => self::oneInk($kept),
            MethodName::TwoTone => self::twoTone($kept),
            MethodName::Simulated => KeptMixPlan::simulated($kept),
            MethodName::Process => KeptMixPlan::process($kept),
            MethodName::Index => KeptMixPlan::index($kept),
            MethodName::Layers => KeptMixPlan::layers($kept),
            MethodName::Spot => throw new \LogicException('A spot plan has no tones.'),
        };
    }

    private static function oneInk(Kept $kept): OneInkPlan
    {
        self::mustBeReadable($kept);

        return new OneInkPlan(KeptTones::work($kept), KeptTones::dots($kept), self::ink($kept, 'ink'));
    }

    private static function twoTone(Kept $kept): TwoTonePlan
    {
        self::mustBeReadable($kept);

        return new TwoTonePlan(
            KeptTones::work($kept),
            KeptTones::dots($kept),
            self::ink($kept, 'dark'),
            self::ink($kept, 'light'),
            $kept->numberOr('holdBackMm', null),
            Middle::tryFrom($kept->textOr('middle', '')),
            Laying::tryFrom($kept->textOr('laying', '')),
        );
    }

    /** @return array<string, mixed> */
    public static function written(TonalPlan $plan): array
    {
        return $plan instanceof OneInkPlan || $plan instanceof TwoTonePlan ? self::ofTwoAtMost($plan) : KeptMixPlan::written($plan);
    }

    /** @return array<string, mixed> */
    private static function ofTwoAtMost(OneInkPlan|TwoTonePlan $plan): array
    {
        return [
            'version' => self::VERSION,
            ...KeptTones::written($plan->work, $plan->dots),
            ...$plan instanceof OneInkPlan ? ['ink' => $plan->ink] : [
                'dark' => $plan->dark,
                'light' => $plan->light,
                'holdBackMm' => $plan->holdBackMm,
                'middle' => $plan->middle?->value,
                'laying' => $plan->laying?->value,
            ],
        ];
    }

    private static function ink(Kept $kept, string $name): ?int
    {
        return $kept->has($name) ? $kept->whole($name, 1, \PHP_INT_MAX) : null;
    }

    public static function mustBeReadable(Kept $kept): void
    {
        if ($kept->whole('version', 1, \PHP_INT_MAX) > self::VERSION) {
            throw new \UnexpectedValueException('The plan of this job was made by a newer Ektype. Open the shop with that one.');
        }
    }
}
