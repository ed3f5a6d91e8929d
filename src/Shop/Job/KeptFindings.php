<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Separation\WitnessSpot;

/** What a separation found, as the shop stores it. */
final class KeptFindings
{
    /** @param array<string, mixed> $stored */
    public static function read(array $stored): Findings
    {
        $kept = Kept::of($stored);

        return new Findings(
            array_map(
                static fn (Kept $c): FoundColour => new FoundColour(
                    $c->text('hex'),
                    $c->number('share_pct'),
                    $c->text('prints_as'),
                    $c->flag('left_open'),
                    $c->textOr('why_open', ''),
                ),
                $kept->objects('palette', true),
            ),
            array_map(
                static fn (Kept $s): StrayShade => new StrayShade(
                    $s->text('stray'),
                    $s->text('into'),
                    $s->number('delta_e'),
                    $s->number('area_pct'),
                ),
                $kept->objects('strays', true),
            ),
            $kept->texts('warnings'),
            $kept->flag('ground_left_open'),
            $kept->textOr('kind', ''),
            $kept->textOr('kind_why', '', 400),
            array_map(
                static fn (Kept $p): NeighbourBudget => new NeighbourBudget($p->text('one'), $p->text('two'), $p->number('mm')),
                $kept->objects('budget', true),
            ),
            KeptPlaces::read($kept->lists('thin_base')),
            array_map(
                static fn (Kept $w): WitnessSpot => new WitnessSpot($w->number('x_mm'), $w->number('y_mm'), $w->whole('plates', 0, 99)),
                $kept->objects('witnesses', true),
            ),
            $kept->numberOr('trap_mm', 0.0) ?? 0.0,
        );
    }

    /** @return array<string, mixed> */
    public static function written(Findings $f): array
    {
        return [
            'palette' => array_map(
                static fn (FoundColour $c): array => [
                    'hex' => $c->hex,
                    'share_pct' => $c->sharePct,
                    'prints_as' => $c->printsAs,
                    'left_open' => $c->leftOpen,
                    'why_open' => $c->whyOpen,
                ],
                $f->palette,
            ),
            'strays' => array_map(
                static fn (StrayShade $s): array => [
                    'stray' => $s->stray,
                    'into' => $s->into,
                    'delta_e' => $s->deltaE,
                    'area_pct' => $s->areaPct,
                ],
                $f->strays,
            ),
            'ground_left_open' => $f->groundLeftOpen,
            'warnings' => $f->warnings,
            'kind' => $f->kind,
            'kind_why' => $f->kindWhy,
            'budget' => array_map(
                static fn (NeighbourBudget $p): array => ['one' => $p->one, 'two' => $p->two, 'mm' => $p->mm],
                $f->budget,
            ),
            'thin_base' => KeptPlaces::written($f->thinBase),
            'witnesses' => array_map(
                static fn (WitnessSpot $w): array => ['x_mm' => $w->xMm, 'y_mm' => $w->yMm, 'plates' => $w->plates],
                $f->witnesses,
            ),
            'trap_mm' => $f->trapMm,
        ];
    }
}
