<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\App\Plan\Codec;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Method\Layers\TintRecipe;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Tint;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;

/** Says of the films of a print what they are: labels for people, a manifest for other programs. */
final class Manifest
{
    /** So many thin places of a plate are listed, thinnest first. */
    private const LISTED = 60;

    /**
     * @param non-empty-list<PlateOnFilm> $plates in print order
     * @param list<GivenInk>              $shelf  that tints are mixed of
     */
    public static function films(PrintOnFilm $print, array $plates, Findings $found, Plan $plan, array $shelf): Films
    {
        $first = $plates[0]->plate->plane;

        return new Films(
            $print->title(),
            new FilmSheet($first->width, $first->height, $print->printer->dpi, \count($plates), $print->printer->feedMarginMm, $print->stepWedge),
            array_map(static fn (PlateOnFilm $of, int $i): FilmPlate => new FilmPlate($of->plate->name, $of->plate->plane, self::label($print, $of, $i + 1, \count($plates), $plan), $of->plate->colour), $plates, array_keys($plates)),
            $print->formats,
            $print->printer,
            self::of($print, array_map(static fn (PlateOnFilm $of): array => self::plate($of, $plan, $shelf), $plates), $found, $plan),
            nested: $print->nested,
            way: $print->way,
        );
    }

    private static function label(PrintOnFilm $print, PlateOnFilm $of, int $number, int $many, Plan $plan): string
    {
        $plate = $of->plate;

        return implode('   ', array_filter([
            $print->title(),
            \sprintf('plate %d of %d', $number, $many),
            $of->ink === null || $of->ink->name === $plate->name ? $plate->name : $plate->name.' ('.$of->ink->name.')',
            $of->mesh,
            self::dotsSay($plate, $plan),
            'on '.$print->cloth,
            $print->made,
            $print->way->says(),
        ], static fn (string $part): bool => $part !== ''));
    }

    private static function dotsSay(SeparatedPlate $plate, Plan $plan): string
    {
        [$dots, $tints] = [$plate->dots, self::tints($plate, $plan)];

        return match (true) {
            $dots !== null => \sprintf('%.1f lpi %.1f° %s', $dots->halftone->lpi, $dots->halftone->angleDeg, $dots->dot->value),
            $tints !== [] && $plan instanceof SpotPlan => \sprintf('tints %.1f lpi %.1f° round', $plan->tintDots()->lpi, $plan->tintDots()->angleDeg),
            $plan->method()->isTonal() => lcfirst($plan->method()->title()),
            default => 'no halftone',
        };
    }

    /**
     * @param list<array<string, mixed>> $plates
     *
     * @return array<string, mixed>
     */
    private static function of(PrintOnFilm $print, array $plates, Findings $found, Plan $plan): array
    {
        $size = [round($print->widthMm, 4), round($print->heightMm, 4)];

        return [
            ...$print->job === '' ? [] : ['job' => $print->job],
            'art' => $print->art,
            'method' => strtr($plan->method()->value, ' ', '-'),
            'width_mm' => $size[0],
            'height_mm' => $size[1],
            'size_mm' => $size,
            'garment' => $print->garment->hex(),
            'art_ppi' => round($print->ppi, 1),
            'choke_mm' => $plan instanceof SpotPlan ? $plan->chokeMm : 0.0,
            'trap_mm' => $found->trapMm,
            'plan' => self::snake(Codec::shown($plan)),
            ...$found->settled,
            'plates' => $plates,
            'palette' => array_map(static fn (FoundColour $c): array => ['hex' => $c->hex, 'share_pct' => $c->sharePct, 'prints_as' => $c->printsAs, 'left_open' => $c->leftOpen, 'why_open' => $c->whyOpen], $found->palette),
            'strays' => array_map(static fn (StrayShade $s): array => ['stray' => $s->stray, 'into' => $s->into, 'delta_e' => $s->deltaE, 'area_pct' => $s->areaPct], $found->strays),
            'ground_left_open' => $found->groundLeftOpen,
            'art_kind' => ['kind' => $found->kind, 'why' => $found->kindWhy],
            'register_budget' => [
                'mm' => $found->budget[0]->mm ?? null,
                'pairs' => array_map(static fn (NeighbourBudget $p): array => ['one' => $p->one, 'two' => $p->two, 'mm' => $p->mm], $found->budget),
            ],
            'thin_base' => array_map(self::place(...), $found->thinBase),
            'witness_spots' => array_map(static fn (WitnessSpot $w): array => ['x_mm' => $w->xMm, 'y_mm' => $w->yMm, 'plates' => $w->plates], $found->witnesses),
            'warnings' => $found->warnings,
        ];
    }

    /**
     * @param list<GivenInk> $shelf
     *
     * @return array<string, mixed>
     */
    private static function plate(PlateOnFilm $of, Plan $plan, array $shelf): array
    {
        [$plate, $tonal] = [$of->plate, $plan->method()->isTonal()];

        return [
            'name' => $plate->name,
            'role' => $plate->role->value,
            'hex' => $plate->colour->hex(),
            'coverage_pct' => round($plate->coveragePct, 4),
            'area_cm2' => round($plate->area->cm2, 3),
            'art_area_cm2' => round($plate->area->artCm2, 3),
            'ink' => $of->ink->name ?? $plate->ink->name,
            ...$tonal ? ['ink_hiding' => round($of->ink->hiding ?? 0.0, 4), 'ink_kind' => $of->ink === null || $of->ink->transparent ? 'transparent' : 'opaque'] : [],
            ...$plate->ink->mixed ? self::recipe($plate, $shelf) : [],
            'overprints' => $plate->ink->overprints,
            'laying' => $of->laying->value,
            'finest_line_mm' => $plate->strokes->finestLineMm(),
            'finest_gap_mm' => $plate->strokes->finestGapMm(),
            'thin_lines' => array_map(self::place(...), \array_slice($plate->strokes->lines, 0, self::LISTED)),
            'thin_gaps' => array_map(self::place(...), \array_slice($plate->strokes->gaps, 0, self::LISTED)),
            ...self::dots($plate, $plan),
            ...$of->step === null ? [] : ['why_here' => $of->step->reason, 'flash_after' => $of->step->flashAfter, 'why_flash' => $of->step->flashReason],
        ];
    }

    /** @return array<string, mixed> of a plate whose dots carry tones, or other colours than its own */
    private static function dots(SeparatedPlate $plate, Plan $plan): array
    {
        $dots = $plate->dots;
        if ($dots !== null) {
            return [
                'lpi' => round($dots->halftone->lpi, 4),
                'angle_deg' => round($dots->halftone->angleDeg, 4),
                'dot' => $dots->dot->value,
                'range' => [round(100 * $dots->range->lightest, 2), round(100 * $dots->range->darkest, 2)],
            ];
        }
        $tints = self::tints($plate, $plan);

        return $tints === [] || !$plan instanceof SpotPlan ? [] : [
            'lpi' => round($plan->tintDots()->lpi, 4),
            'angle_deg' => round($plan->tintDots()->angleDeg, 4),
            'dot' => Dot::Round->value,
            'tints' => array_map(static fn (Tint $t): array => ['hex' => $t->hex, 'tone_pct' => round(100 * $t->toneOf($plate->artColour?->hex() ?? ''), 1), 'delta_e' => $t->deltaE], $tints),
        ];
    }

    /** @return list<Tint> colours that print as dots of a spot plate */
    private static function tints(SeparatedPlate $plate, Plan $plan): array
    {
        return $plan instanceof SpotPlan ? $plan->colours->tintsOf($plate->artColour?->hex()) : [];
    }

    /**
     * @param list<GivenInk> $shelf
     *
     * @return array<string, mixed>
     */
    private static function recipe(SeparatedPlate $plate, array $shelf): array
    {
        $own = array_values(array_filter($shelf, static fn (GivenInk $ink): bool => $ink->transparent));
        $recipe = TintRecipe::of($plate->colour, $own === [] ? FourInks::usual()->inOrder() : $own);

        return ['mix' => $recipe?->says(), 'mix_delta_e' => $recipe === null ? null : round($recipe->deltaE, 2)];
    }

    /** @return array{at_mm: array{float, float}, width_mm: float, length_mm: float} from the print's top left corner */
    private static function place(ThinPlace $place): array
    {
        return ['at_mm' => [$place->xMm, $place->yMm], 'width_mm' => $place->widthMm, 'length_mm' => $place->lengthMm];
    }

    /**
     * @param array<array-key, mixed> $shown
     *
     * @return array<array-key, mixed>
     */
    private static function snake(array $shown): array
    {
        $snake = [];
        foreach ($shown as $name => $value) {
            $snake[\is_string($name) && !str_starts_with($name, '#') ? strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '_', $name)) : $name] = \is_array($value) ? self::snake($value) : $value;
        }

        return $snake;
    }
}
