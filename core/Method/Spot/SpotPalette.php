<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Palette;
use Ektype\Core\Separation\PaletteColour;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Core\Unit\Refusal;

/** The colours of the art with what was decided for each: which print together, in which ink, and which the garment gives. */
final class SpotPalette
{
    /** An art colour this close to the garment is left to it, ΔE00 (heuristic). */
    public const GARMENT_DELTA_E = 6.0;
    /** A colour further from its ink than this prints visibly other, ΔE00 (heuristic). */
    private const FAR_FROM_INK = 10.0;

    /** @var array<int, GivenInk> leader => its ink */
    public array $inks = [];
    /** @var list<string> plain sentences */
    public array $warnings = [];

    /** @param array<int, string> $open leader => why the garment gives it */
    private function __construct(public Palette $palette, public array $open)
    {
    }

    /** @throws Refusal where a colour is named that cannot be parted, or the art is tonal */
    public static function decided(ArtRaster $art, SpotRequest $request): self
    {
        $self = new self(PaletteFinder::find($art, $request->plan->inks), []);
        foreach ($request->plan->colours->splits as $hex) {
            $at = $self->index($hex);
            $self->palette = $at === null ? $self->palette : $self->palette->split($at);
        }
        foreach ($request->plan->colours->merges as $from => $into) {
            $one = $self->known($from, 'to merge it');
            $two = $self->known($into, 'to merge into it');
            if ($one !== null && $two !== null) {
                $self->palette = $self->palette->merged($one, $two);
            }
        }
        $self->leaveOpen($request);
        $self->inkUp($request);
        if ($request->plan->inks !== null && $request->palette === []) {
            $self->palette = $self->palette->reducedTo($request->plan->inks, array_keys($self->open));
        }

        return $self;
    }

    /**
     * Plates that were drawn by hand, each with its ink.
     *
     * @param non-empty-list<GivenInk> $inks
     */
    public static function drawn(array $inks): self
    {
        $self = new self(
            new Palette(
                array_map(static fn (GivenInk $ink): PaletteColour => new PaletteColour($ink->colour, 1 / \count($inks)), $inks),
                false,
            ),
            [],
        );
        $self->inks = $inks;

        return $self;
    }

    /** @return list<int> the colours that get a plate */
    public function printing(): array
    {
        return array_values(array_diff($this->palette->leaders(), array_keys($this->open)));
    }

    /**
     * What was decided for a colour, or for any that prints with it.
     *
     * @param array<string, bool> $decisions
     */
    public function decision(array $decisions, int $leader): ?bool
    {
        foreach ($decisions as $hex => $decision) {
            $at = $this->index($hex);
            if ($at !== null && $this->palette->printsAs[$at] === $leader) {
                return $decision;
            }
        }

        return null;
    }

    /** The colour that the plate is printed in: its ink's, else the art's own. */
    public function colour(int $leader): Srgb
    {
        return ($this->inks[$leader] ?? null)->colour ?? $this->palette->colours[$leader]->colour;
    }

    public function leaderOf(?string $hex): ?int
    {
        $at = $hex === null ? null : $this->index($hex);

        return $at === null ? null : $this->palette->printsAs[$at];
    }

    /** The paper round the drawing becomes a colour of its own, left open. */
    public function cutGround(int $ground): int
    {
        $new = \count($this->palette->colours);
        $this->palette = new Palette(
            [...$this->palette->colours, new PaletteColour($this->palette->colours[$ground]->colour, 0.0)],
            $this->palette->noisy,
            [...$this->palette->printsAs, $new],
            $this->palette->flatShare,
        );
        $this->open[$new] = 'the paper round the drawing';

        return $new;
    }

    private function index(string $hex): ?int
    {
        foreach ($this->palette->colours as $i => $colour) {
            if ($colour->colour->hex() === strtolower($hex)) {
                return $i;
            }
        }

        return null;
    }

    private function known(string $hex, string $for): ?int
    {
        $at = $this->index($hex);
        if ($at === null) {
            $this->warnings[] = \sprintf(
                'The art has no colour %s %s. Its colours are %s.',
                $hex,
                $for,
                implode(', ', array_map(static fn (PaletteColour $c): string => $c->colour->hex(), $this->palette->colours)),
            );
        }

        return $at;
    }

    private function leaveOpen(SpotRequest $request): void
    {
        $garment = Lab::of($request->garment);
        foreach ($this->palette->leaders() as $leader) {
            if (Ciede2000::between($this->palette->colours[$leader]->lab, $garment) < self::GARMENT_DELTA_E) {
                $this->open[$leader] = 'the garment’s own colour';
            }
        }
        foreach ($request->plan->colours->leftOpen as $hex) {
            $at = $this->known($hex, 'to give to the garment');
            if ($at !== null) {
                $this->open[$this->palette->printsAs[$at]] = 'given to the garment';
            }
        }
    }

    private function inkUp(SpotRequest $request): void
    {
        /** @var array<int, GivenInk> $wanted */
        $wanted = [];
        foreach ($this->printing() as $leader) {
            foreach ($request->palette as $ink) {
                $best = $wanted[$leader] ?? null;
                $lab = $this->palette->colours[$leader]->lab;
                if ($best === null || Ciede2000::between($lab, Lab::of($ink->colour)) < Ciede2000::between($lab, Lab::of($best->colour))) {
                    $wanted[$leader] = $ink;
                }
            }
        }
        foreach ($request->locks as $hex => $ink) {
            $at = $this->index($hex);
            $leader = $at === null ? null : $this->palette->printsAs[$at];
            if ($leader !== null && !isset($this->open[$leader])) {
                $wanted[$leader] = $ink;
            }
        }
        $first = [];
        foreach ($wanted as $leader => $ink) {
            $distance = Ciede2000::between($this->palette->colours[$leader]->lab, Lab::of($ink->colour));
            if ($distance > self::FAR_FROM_INK) {
                $this->warnings[] = \sprintf(
                    '%s prints in %s, ΔE00 %.0f away: it will look other than the art. Add an ink nearer to it, or accept the change.',
                    $this->palette->colours[$leader]->colour->hex(),
                    $ink->name,
                    $distance,
                );
            }
            if (isset($first[$ink->key()])) {
                $this->palette = $this->palette->merged($leader, $first[$ink->key()]);
            } else {
                $first[$ink->key()] = $leader;
                $this->inks[$leader] = $ink;
            }
        }
    }
}
