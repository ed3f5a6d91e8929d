<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;

/**
 * From the colours as the art has them to the plates as they print: base, trap, order, and what each must hold.
 *
 * @phpstan-type Draft array{role: PlateRole, lab: Lab, share: float, colour: Srgb, art: Srgb, plane: BitPlane, name: string, ink: string, overprints: bool, onBase: bool, leader: int}
 */
final readonly class PlateMaking
{
    /** A plate may serve as the base from this difference in lightness to the garment, L* (heuristic). */
    public const BASE_CONTRAST = 35.0;
    private const BASE_WHITE = [246, 244, 238];

    /**
     * @param list<SeparatedPlate>                               $plates
     * @param list<string>                                       $warnings
     * @param list<array{one: string, two: string, mm: float}>   $budget
     * @param list<ThinPlace>                                    $thinBase
     * @param list<array{x_mm: float, y_mm: float, plates: int}> $witnesses
     */
    private function __construct(public array $plates, public array $warnings, public array $budget, public array $thinBase, public array $witnesses)
    {
    }

    /** The thinnest line of all plates but the base, mm. */
    public function finestLineMm(): ?float
    {
        $lines = [];
        foreach ($this->plates as $plate) {
            $line = $plate->strokes->finestLineMm();
            if ($line !== null && $plate->role !== PlateRole::Base) {
                $lines[] = $line;
            }
        }

        return $lines === [] ? null : min($lines);
    }

    /**
     * @param non-empty-array<int, BitPlane> $planes by leader, none over another
     * @param callable(string, float): void  $tell
     */
    public static function of(array $planes, SpotPalette $colours, SpotRequest $request, float $heightMm, callable $tell): self
    {
        $garment = Lab::of($request->garment);
        $perMm = $request->dpi / 25.4;
        $warnings = [];

        $specs = self::inOrder($planes, $colours, $request, $garment);
        $tell('Building the base', 0.5);
        [$base, $specs] = self::base($specs, $colours, $request, $warnings);

        $tell('Spreading the traps', 0.6);
        $spread = Trap::spread(
            array_map(static fn (array $s): array => ['plane' => $s['plane'], 'lightness' => $s['lab']->l, 'highlight' => $s['role'] === PlateRole::Highlight, 'overprints' => $s['overprints']], $specs),
            $request->trapMm * $perMm,
            $request->trapMm > 0 ? Trap::OVERPRINT_MM * $perMm : 0,
        );
        $tell('Measuring the register budget', 0.7);
        $names = ColourName::toldApart(array_column($specs, 'name'));
        $pairs = [];
        foreach ($specs as $i => $spec) {
            $pairs[] = ['name' => $names[$i], 'alone' => $spec['plane'], 'printed' => $spread[$i]];
        }
        $budget = RegisterBudget::of($pairs, $request->dpi);
        unset($pairs);

        if ($base !== null) {
            $white = new Srgb(...self::BASE_WHITE);
            array_unshift($specs, ['role' => PlateRole::Base, 'lab' => Lab::of($white), 'share' => $base->plane->count() / ($base->plane->width * $base->plane->height), 'colour' => $white, 'art' => $white, 'plane' => $base->plane, 'name' => 'Base white', 'ink' => '', 'overprints' => false, 'onBase' => false, 'leader' => -1]);
            array_unshift($spread, $base->plane);
            array_unshift($names, 'Base white');
        }
        $steps = PrintOrder::inGivenOrder(array_keys($specs), $specs, $garment);
        $plates = [];
        $maps = [];
        $cm2 = $request->widthMm * $heightMm / 100;
        foreach ($steps as $place => $step) {
            $tell('Measuring lines and gaps', 0.75 + 0.24 * $place / \count($steps));
            $spec = $specs[$step->plate];
            $plane = $spread[$step->plate];
            $pixels = $plane->width * $plane->height;
            $plates[] = new SeparatedPlate($names[$step->plate], $spec['role'], $spec['colour'], $spec['art'], $plane, $cm2 * $plane->count() / $pixels, $cm2 * $spec['share'], $step->reason, $step->flashAfter, $step->flashReason, $spec['ink'], $spec['overprints'], StrokeWidths::of($plane, $request->dpi, $spec['role'] === PlateRole::Base ? ChokedBase::LEAST_BASE_MM : 0.0));
            if ($spec['role'] !== PlateRole::Base) {
                $maps[] = CoverageMap::of($plane);
            }
        }

        return new self($plates, $warnings, $budget, $base->limited ?? [], WitnessSpots::of($maps, $request->dpi));
    }

    /**
     * @param non-empty-array<int, BitPlane> $planes
     *
     * @return non-empty-list<Draft>
     */
    private static function inOrder(array $planes, SpotPalette $colours, SpotRequest $request, Lab $garment): array
    {
        $specs = [];
        foreach ($planes as $leader => $plane) {
            $colour = $colours->colour($leader);
            $lab = Lab::of($colour);
            $share = $plane->count() / ($plane->width * $plane->height);
            $highlight = $colours->decision($request->highlights, $leader) ?? PrintOrder::isHighlight($lab, $share, $garment);
            $ink = ($colours->inks[$leader] ?? null)->name ?? '';
            $specs[] = [
                'role' => $highlight ? PlateRole::Highlight : PlateRole::Colour,
                'lab' => $lab,
                'share' => $share,
                'colour' => $colour,
                'art' => $colours->palette->colours[$leader]->colour,
                'plane' => $plane,
                'name' => $ink !== '' ? $ink : ColourName::of($colour),
                'ink' => $ink,
                'overprints' => false,
                'onBase' => $colours->decision($request->onBase, $leader) ?? PrintOrder::needsBase($lab, $garment),
                'leader' => $leader,
            ];
        }
        $ordered = [];
        foreach (PrintOrder::of($specs, $garment) as $step) {
            $ordered[] = $specs[$step->plate];
        }
        $darkest = array_key_first($ordered);
        foreach ($ordered as $i => $spec) {
            $darkest = $spec['lab']->l < $ordered[$darkest]['lab']->l ? $i : $darkest;
        }
        foreach ($ordered as $i => $spec) {
            $ordered[$i]['overprints'] = $colours->decision($request->overprints, $spec['leader']) ?? ($i === $darkest && \count($ordered) > 1 && $spec['lab']->l < Trap::DARK);
        }

        return $ordered;
    }

    /**
     * @param non-empty-list<Draft> $specs
     * @param list<string>          $warnings
     *
     * @return array{ChokedBase|null, non-empty-list<Draft>}
     */
    private static function base(array $specs, SpotPalette $colours, SpotRequest $request, array &$warnings): array
    {
        $choke = $request->chokeMm / 25.4 * $request->dpi;
        $from = $colours->leaderOf($request->baseFrom);
        $serving = null;
        foreach ($specs as $i => $spec) {
            $serving = $from !== null && $spec['leader'] === $from ? $i : $serving;
        }
        if ($serving !== null) {
            $contrast = abs($specs[$serving]['lab']->l - Lab::of($request->garment)->l);
            if ($contrast < self::BASE_CONTRAST) {
                $warnings[] = \sprintf('%s is only ΔL* %.0f from the garment; a plate that serves as the base wants %.0f or more. The inks over it will look dull.', $specs[$serving]['name'], $contrast, self::BASE_CONTRAST);
            }
        }
        $needed = null;
        foreach ($specs as $i => $spec) {
            if ($spec['onBase'] && $i !== $serving) {
                $needed = $needed === null ? $spec['plane'] : $needed->or($spec['plane']);
            }
        }
        if ($needed === null) {
            return [null, $specs];
        }
        if ($serving !== null) {
            // Full size where it shows, choked where another ink covers it; where they touch, ink runs under ink.
            $shown = $specs[$serving]['plane'];
            $under = ChokedBase::under($needed->or($shown), $choke, $request->dpi);
            $specs[$serving]['plane'] = $shown->or($under->plane);
            $specs[$serving]['role'] = PlateRole::Base;
            $first = $specs[$serving];
            unset($specs[$serving]);

            return [null, [$first, ...array_values($specs)]];
        }
        $base = ChokedBase::under($needed, $choke, $request->dpi);
        if ($base->limited !== []) {
            $warnings[] = \sprintf('At %d %s, the thinnest of %.2f mm, the whole choke of %.2f mm would leave a stroke without its base: there it is choked by a quarter of the stroke’s width at most. White may show beside it if register wanders.', \count($base->limited), \count($base->limited) === 1 ? 'place' : 'places', $base->limited[0]->widthMm, $request->chokeMm);
        }

        return [$base->plane->isBlank() ? null : $base, $specs];
    }
}
