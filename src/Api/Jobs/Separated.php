<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Unit\Given;

/** Reads back what a separation found. */
final readonly class Separated
{
    private const NEAR_INKS = 4;

    /**
     * @param list<PaletteColourView> $palette
     * @param list<StrayView>         $strays
     * @param list<string>            $warnings
     * @param list<PairBudgetView>    $budget
     * @param list<ThinPlaceView>     $thinBase
     * @param list<WitnessView>       $witnesses
     */
    private function __construct(
        public array $palette,
        public array $strays,
        public array $warnings,
        public bool $groundLeftOpen,
        public string $kind = '',
        public string $kindWhy = '',
        public ?float $budgetMm = null,
        public array $budget = [],
        public array $thinBase = [],
        public array $witnesses = [],
    ) {
    }

    /** @param list<Ink> $shelf */
    public static function of(Job $job, array $shelf): self
    {
        $stored = $job->separation;
        if ($stored === null) {
            return new self([], [], [], false);
        }
        $given = Given::of($stored);
        $thin = \is_array($stored['thin_base'] ?? null) ? $stored['thin_base'] : [];
        $warnings = $stored['warnings'] ?? [];

        return new self(
            array_map(static fn (Given $c): PaletteColourView => new PaletteColourView($c->text('hex'), $c->number('share_pct'), $c->text('prints_as'), $c->flag('left_open'), $c->textOr('why_open', ''), $job->locks[$c->text('hex')] ?? null, self::near($c->text('hex'), $shelf), \in_array($c->text('hex'), $job->splits, true)), $given->objects('palette')),
            array_map(static fn (Given $s): StrayView => new StrayView($s->text('stray'), $s->text('into'), $s->number('delta_e'), $s->number('area_pct')), $given->objects('strays')),
            array_values(array_filter(\is_array($warnings) ? $warnings : [], is_string(...))),
            $given->flag('ground_left_open'),
            $given->textOr('kind', ''),
            $given->textOr('kind_why', '', 400),
            $given->numberOr('budget_mm', null),
            array_map(static fn (Given $p): PairBudgetView => new PairBudgetView($p->text('one'), $p->text('two'), $p->number('mm')), $given->objects('budget', true)),
            array_values(array_filter(array_map(static fn (mixed $p): ?ThinPlaceView => \is_array($p) && is_numeric($p[0] ?? null) && is_numeric($p[1] ?? null) && is_numeric($p[2] ?? null) && is_numeric($p[3] ?? null) ? new ThinPlaceView('base', (float) $p[0], (float) $p[1], (float) $p[2], (float) $p[3]) : null, $thin))),
            array_map(static fn (Given $w): WitnessView => new WitnessView($w->number('x_mm'), $w->number('y_mm'), $w->whole('plates', 0, 99)), $given->objects('witnesses', true)),
        );
    }

    /**
     * @param list<Ink> $shelf
     *
     * @return list<ShelfInkView>
     */
    private static function near(string $hex, array $shelf): array
    {
        $lab = Lab::of(Srgb::fromHex($hex));
        $near = [];
        foreach ($shelf as $one) {
            $near[] = new ShelfInkView((int) $one->id, $one->name, $one->hex, round(Ciede2000::between($lab, Lab::of(Srgb::fromHex($one->hex))), 2));
        }
        usort($near, static fn (ShelfInkView $a, ShelfInkView $b): int => $a->deltaE <=> $b->deltaE);

        return \array_slice($near, 0, self::NEAR_INKS);
    }
}
