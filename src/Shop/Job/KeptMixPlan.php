<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Index\IndexPlan;
use Ektype\Core\Layers\LayersPlan;
use Ektype\Core\Mix\AngleSchool;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\InkProfile;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\LayerEdge;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Mix\ProcessPlan;
use Ektype\Core\Mix\SimulatedPlan;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Tone\TonalPlan;

/** The plans of pictures in many inks as the shop stores them: whole, with a version. */
final class KeptMixPlan
{
    private const VERSION = 1;

    public static function simulated(Kept $kept): SimulatedPlan
    {
        KeptTonePlan::mustBeReadable($kept);

        return new SimulatedPlan(KeptTones::work($kept), KeptTones::dots($kept), self::wish($kept), OrderSchool::from($kept->text('order')), Laying::tryFrom($kept->textOr('laying', '')), new PlateCurves($kept->measures('halves')));
    }

    public static function process(Kept $kept): ProcessPlan
    {
        KeptTonePlan::mustBeReadable($kept);

        return new ProcessPlan(KeptTones::work($kept), KeptTones::dots($kept), AngleSchool::from($kept->text('angles')), $kept->number('black'), $kept->number('total'), BaseWay::tryFrom($kept->textOr('base', '')), new PlateCurves($kept->measures('halves')), $kept->has('profile') ? InkProfile::kept($kept->object('profile')->text('name'), $kept->object('profile')->text('nodes', 40_000)) : null);
    }

    public static function index(Kept $kept): IndexPlan
    {
        KeptTonePlan::mustBeReadable($kept);

        return new IndexPlan(KeptTones::work($kept), self::wish($kept), $kept->number('squaresDpi'), Diffusion::from($kept->text('diffusion')));
    }

    public static function layers(Kept $kept): LayersPlan
    {
        KeptTonePlan::mustBeReadable($kept);

        return new LayersPlan(KeptTones::work($kept), $kept->whole('layers', 1, 99), $kept->has('tints') ? array_map(Srgb::fromHex(...), $kept->texts('tints')) : null, LayerEdge::from($kept->text('edge')));
    }

    /** @return array<string, mixed> */
    public static function written(TonalPlan $plan): array
    {
        $hex = static fn (Srgb $tint): string => $tint->hex();

        return ['version' => self::VERSION, ...KeptTones::written($plan->work(), $plan->dots()), ...match (true) {
            $plan instanceof SimulatedPlan => [...self::ofWish($plan->inks), 'order' => $plan->order->value, 'laying' => $plan->laying?->value, ...self::ofCurves($plan->curves)],
            $plan instanceof ProcessPlan => ['angles' => $plan->angles->value, 'black' => $plan->black, 'total' => $plan->total, 'base' => $plan->base?->value, ...self::ofCurves($plan->curves), ...$plan->profile === null ? [] : ['profile' => ['name' => $plan->profile->name, 'nodes' => $plan->profile->written()]]],
            $plan instanceof IndexPlan => [...self::ofWish($plan->inks), 'squaresDpi' => $plan->squaresDpi, 'diffusion' => $plan->diffusion->value],
            $plan instanceof LayersPlan => ['layers' => $plan->layers, 'tints' => $plan->tints === null ? null : array_map($hex, $plan->tints), 'edge' => $plan->edge->value],
            default => throw new \LogicException('There is no such plan.'),
        }];
    }

    /** @return array<string, mixed> */
    private static function ofCurves(PlateCurves $curves): array
    {
        return $curves->halves === [] ? [] : ['halves' => $curves->halves];
    }

    private static function wish(Kept $kept): InkWish
    {
        $numbers = static fn (string $name): array => array_values(array_filter($kept->lists($name), \is_int(...)));

        return new InkWish(
            $kept->has('inks') ? $numbers('inks') : null,
            $kept->has('screens') ? $kept->whole('screens', 1, 99) : null,
            $numbers('locked'),
            $numbers('forbidden'),
            BaseWay::tryFrom($kept->textOr('base', '')),
            $kept->flag('highlight'),
        );
    }

    /** @return array<string, mixed> */
    private static function ofWish(InkWish $wish): array
    {
        return [
            'inks' => $wish->inks,
            'screens' => $wish->screens,
            'locked' => $wish->locked,
            'forbidden' => $wish->forbidden,
            'base' => $wish->base?->value,
            'highlight' => $wish->highlight,
        ];
    }
}
