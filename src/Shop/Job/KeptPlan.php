<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\SpotPlan;
use Ektype\Core\Separation\SpotRequest;
use Ektype\Core\Separation\Tint;

/** The plan of a spot separation as the shop stores it: whole, with its method and a version. */
final class KeptPlan
{
    public const VERSION = 1;

    /** @param array<string, mixed> $stored */
    public static function read(array $stored): SpotPlan
    {
        if ($stored === []) {
            return new SpotPlan();
        }
        $kept = Kept::of($stored);
        if ($kept->whole('version', 1, \PHP_INT_MAX) > self::VERSION || $kept->text('method') !== MethodName::Spot->value) {
            throw new \UnexpectedValueException('The plan of this job was made by a newer Ektype. Open the shop with that one.');
        }

        return new SpotPlan(
            $kept->has('inks') ? $kept->whole('inks', 1, 99) : null,
            $kept->numberOr('chokeMm', null) ?? SpotRequest::CHOKE_MM,
            $kept->numberOr('trapMm', null),
            $kept->flag('printGround'),
            $kept->words('merges'),
            $kept->texts('leftOpen'),
            $kept->texts('splits'),
            $kept->wholes('locks'),
            $kept->answers('highlights'),
            $kept->answers('onBase'),
            $kept->answers('overprints'),
            $kept->measures('thicken'),
            $kept->has('baseFrom') ? $kept->text('baseFrom') : null,
            array_map(self::positive(...), $kept->objects('positives', true)),
            self::tints($kept->objects('tints', true)),
            self::dots($kept->numberOr('tintLpi', null), $kept->numberOr('tintAngleDeg', null)),
        );
    }

    /** @return array<string, mixed> */
    public static function written(SpotPlan $plan): array
    {
        return [
            'version' => self::VERSION,
            'method' => $plan->method()->value,
            'inks' => $plan->inks,
            'chokeMm' => $plan->chokeMm,
            'trapMm' => $plan->trapMm,
            'printGround' => $plan->printGround,
            'merges' => $plan->merges,
            'leftOpen' => $plan->leftOpen,
            'splits' => $plan->splits,
            'locks' => $plan->locks,
            'highlights' => $plan->highlights,
            'onBase' => $plan->onBase,
            'overprints' => $plan->overprints,
            'thicken' => $plan->thicken,
            'baseFrom' => $plan->baseFrom,
            'tints' => array_map(
                static fn (Tint $t): array => ['hex' => $t->hex, 'of' => $t->of, 'tone' => $t->tone, 'deltaE' => $t->deltaE, ...$t->with === null ? [] : ['with' => $t->with, 'withTone' => $t->withTone]],
                array_values($plan->tints),
            ),
            'tintLpi' => $plan->tintDots?->lpi,
            'tintAngleDeg' => $plan->tintDots?->angleDeg,
            'positives' => array_map(
                static fn (Positive $p): array => [
                    'path' => $p->path,
                    'name' => $p->name,
                    'hex' => $p->hex,
                    'inkId' => $p->inkId,
                    'marks' => $p->marks,
                    'weak' => array_map(
                        static fn (WeakPlace $w): array => ['xMm' => $w->xMm, 'yMm' => $w->yMm, 'mm2' => $w->mm2],
                        $p->weak,
                    ),
                ],
                $plan->positives,
            ),
        ];
    }

    /**
     * @param list<Kept> $kept
     *
     * @return array<string, Tint>
     */
    private static function tints(array $kept): array
    {
        $tints = [];
        foreach ($kept as $t) {
            $tints[$t->text('hex')] = new Tint($t->text('hex'), $t->text('of'), $t->number('tone', 0, 1), $t->number('deltaE'), $t->has('with') ? $t->text('with') : null, $t->has('with') ? $t->number('withTone', 0, 1) : 0.0);
        }

        return $tints;
    }

    private static function dots(?float $lpi, ?float $angleDeg): ?Halftone
    {
        return $lpi === null || $angleDeg === null ? null : new Halftone($lpi, $angleDeg);
    }

    private static function positive(Kept $p): Positive
    {
        return new Positive(
            $p->text('path'),
            $p->text('name'),
            $p->text('hex'),
            $p->has('inkId') ? $p->whole('inkId', 1, \PHP_INT_MAX) : null,
            $p->whole('marks', 0, 99),
            array_map(
                static fn (Kept $w): WeakPlace => new WeakPlace($w->number('xMm'), $w->number('yMm'), $w->number('mm2')),
                $p->objects('weak', true),
            ),
        );
    }
}
