<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\PlateToOrder;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\LaidInk;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\PlateArea;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;

/** From the colours as the art has them to the plates as they print: base, trap, order, and what each must hold. */
final readonly class PlateMaking
{
    /** A plate may serve as the base from this difference in lightness to the garment, L* (heuristic). */
    public const BASE_CONTRAST = 35.0;
    /** Planes from this size on are worth a process of their own. */
    private const LARGE_BYTES = 500_000;

    /**
     * @param list<SeparatedPlate>  $plates
     * @param list<string>          $warnings
     * @param list<NeighbourBudget> $budget
     * @param list<ThinPlace>       $thinBase
     * @param list<WitnessSpot>     $witnesses
     */
    private function __construct(
        public array $plates,
        public array $warnings,
        public array $budget,
        public array $thinBase,
        public array $witnesses,
    ) {
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
        $large = \strlen(reset($planes)->bytes) > self::LARGE_BYTES;
        $tell('Building the base and the traps', 0.5);
        $laid = LaidPlates::of(self::drafts($planes, $colours, $request), $colours->leaderOf($request->plan->baseFrom), $request, $large);

        $tell('Measuring the register budget', 0.7);
        $budget = RegisterBudget::of($laid->drafts, $laid->printed, $request->dpi);
        $warnings = self::warnings($laid->drafts, $laid->serving, $laid->base, $request);
        [$drafts, $printed] = $laid->withBase();

        return new self(
            self::measured($drafts, $printed, $request, $request->widthMm * $heightMm / 100, $tell, $large),
            $warnings,
            $budget,
            $laid->base->limited ?? [],
            WitnessSpots::of(self::maps($drafts, $printed, $large), $request->dpi),
        );
    }

    /**
     * What a first look at the print needs, with nothing measured.
     *
     * @param non-empty-array<int, BitPlane> $planes by leader, none over another
     *
     * @return list<FirstPlate> in print order
     */
    public static function first(array $planes, SpotPalette $colours, SpotRequest $request): array
    {
        [$drafts, $printed] = LaidPlates::of(self::drafts($planes, $colours, $request), $colours->leaderOf($request->plan->baseFrom), $request, true)->withBase();

        return array_map(
            static fn (PlateDraft $d, BitPlane $plane): FirstPlate => new FirstPlate($d->role, $d->name, $d->colour, $d->leader < 0 ? null : $d->art, $d->ink, $plane),
            $drafts,
            $printed,
        );
    }

    /**
     * @param list<PlateDraft>              $drafts  in print order
     * @param list<BitPlane>                $printed of each
     * @param callable(string, float): void $tell
     *
     * @return list<SeparatedPlate>
     */
    private static function measured(array $drafts, array $printed, SpotRequest $request, float $cm2, callable $tell, bool $large): array
    {
        $tell('Measuring lines and gaps', 0.8);
        $strokes = SideBySide::all(array_map(
            static fn (PlateDraft $draft, BitPlane $plane): \Closure => static fn (): StrokeWidths => StrokeWidths::of(
                $plane,
                $request->dpi,
                $draft->role === PlateRole::Base ? ChokedBase::LEAST_BASE_MM : 0.0,
            ),
            $drafts,
            $printed,
        ), $large);
        $plates = [];
        foreach (PrintOrder::inGivenOrder(
            array_keys($drafts),
            array_map(static fn (PlateDraft $d): PlateToOrder => $d->forOrder(), $drafts),
            Lab::of($request->garment),
        ) as $i => $step) {
            $draft = $drafts[$i];
            $plane = $printed[$i];
            $plates[] = new SeparatedPlate(
                $draft->name,
                $draft->role,
                $draft->colour,
                $draft->leader < 0 ? null : $draft->art,
                $plane,
                new PlateArea($cm2 * $plane->count() / ($plane->width * $plane->height), $cm2 * $draft->share),
                ink: new LaidInk($draft->ink, overprints: $draft->overprints),
                strokes: $strokes[$i],
            );
        }

        return $plates;
    }

    /**
     * @param list<PlateDraft> $drafts
     * @param list<BitPlane>   $printed
     *
     * @return list<CoverageMap> of the plates that are no base
     */
    private static function maps(array $drafts, array $printed, bool $large): array
    {
        $pieces = [];
        foreach ($drafts as $i => $draft) {
            if ($draft->role !== PlateRole::Base) {
                $plane = $printed[$i];
                $pieces[] = static fn (): CoverageMap => CoverageMap::of($plane);
            }
        }

        return SideBySide::all($pieces, $large);
    }

    /**
     * @param non-empty-array<int, BitPlane> $planes
     *
     * @return list<PlateDraft> in print order
     */
    private static function drafts(array $planes, SpotPalette $colours, SpotRequest $request): array
    {
        $garment = Lab::of($request->garment);
        $drafts = [];
        foreach ($planes as $leader => $plane) {
            $colour = $colours->colour($leader);
            $lab = Lab::of($colour);
            $ink = ($colours->inks[$leader] ?? null)->name ?? '';
            $highlight = $colours->decision($request->plan->colours->highlights, $leader) ?? PrintOrder::isHighlight(
                $lab,
                $plane->count() / ($plane->width * $plane->height),
                $garment,
            );
            $drafts[] = new PlateDraft(
                $highlight ? PlateRole::Highlight : PlateRole::Colour,
                $colour,
                $colours->palette->colours[$leader]->colour,
                $plane,
                $ink !== '' ? $ink : ColourName::of($colour),
                $ink,
                overprints: false,
                onBase: $colours->decision($request->plan->colours->onBase, $leader) ?? Garment::needsBase($lab, $garment),
                leader: $leader,
            );
        }
        $ordered = [];
        $darkest = 100.0;
        foreach (PrintOrder::of(array_map(static fn (PlateDraft $d): PlateToOrder => $d->forOrder(), $drafts), $garment) as $step) {
            $ordered[] = $drafts[$step->plate];
            $darkest = min($darkest, $drafts[$step->plate]->lab->l);
        }
        $names = ColourName::toldApart(array_map(static fn (PlateDraft $d): string => $d->name, $ordered));
        $several = \count($ordered) > 1 && $darkest < Trap::DARK;

        return array_map(
            static fn (PlateDraft $d, string $name): PlateDraft => $d->called($name)->thatOverprints(
                $colours->decision($request->plan->colours->overprints, $d->leader) ?? ($several && $d->lab->l === $darkest),
            ),
            $ordered,
            $names,
        );
    }

    /**
     * @param list<PlateDraft> $drafts
     *
     * @return list<string>
     */
    private static function warnings(array $drafts, ?int $serving, ?ChokedBase $base, SpotRequest $request): array
    {
        $warnings = [];
        if ($serving !== null) {
            $contrast = abs($drafts[$serving]->lab->l - Lab::of($request->garment)->l);
            if ($contrast < self::BASE_CONTRAST) {
                $warnings[] = \sprintf('%s is only ΔL* %.0f from the garment; a plate that serves as the base wants %.0f or more. The inks over it will look dull.', $drafts[$serving]->name, $contrast, self::BASE_CONTRAST);
            }
        }
        if ($base !== null && $base->limited !== []) {
            $places = \count($base->limited);
            $warnings[] = \sprintf('At %d %s, the thinnest of %.2f mm, the whole choke of %.2f mm would leave a stroke without its base: there it is choked by a quarter of the stroke’s width at most. White may show beside it if register wanders.', $places, $places === 1 ? 'place' : 'places', $base->limited[0]->widthMm, $request->plan->chokeMm);
        }

        return $warnings;
    }
}
