<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** What a separation found on its way to the plates. */
final readonly class Findings
{
    /** Plates that butt are brought within this, mm (heuristic). */
    public const BUTT_MM = 0.15;
    public const LISTED = 200;

    /**
     * @param list<FoundColour>     $palette
     * @param list<StrayShade>      $strays
     * @param list<string>          $warnings  plain sentences
     * @param string                $kind      flat, line or tonal
     * @param list<NeighbourBudget> $budget    tightest first
     * @param list<ThinPlace>       $thinBase  where the choke of the base was held back
     * @param list<WitnessSpot>     $witnesses
     * @param array<string, mixed>  $settled   how what was left open came out, by its name in a manifest
     * @param list<HeldFlat>        $flats     flat colours of a picture in tones
     */
    public function __construct(
        public array $palette,
        public array $strays,
        public array $warnings,
        public bool $groundLeftOpen,
        public string $kind,
        public string $kindWhy,
        public array $budget,
        public array $thinBase,
        public array $witnesses,
        public float $trapMm,
        public array $settled = [],
        public array $flats = [],
    ) {
    }

    /**
     * Of a picture that is printed in tones.
     *
     * @param list<string>          $warnings plain sentences
     * @param list<NeighbourBudget> $budget
     * @param array<string, mixed>  $settled
     * @param list<HeldFlat>        $flats
     */
    public static function ofTones(array $warnings, array $budget, string $why, array $settled = [], array $flats = []): self
    {
        return new self([], [], $warnings, false, ArtKind::TONAL, $why, budget: $budget, thinBase: [], witnesses: [], trapMm: 0.0, settled: $settled, flats: $flats);
    }

    /** The same with one more plain sentence; empty for none. */
    public function saying(string $sentence): self
    {
        return $sentence === '' ? $this : new self(
            $this->palette,
            $this->strays,
            [...$this->warnings, $sentence],
            $this->groundLeftOpen,
            $this->kind,
            $this->kindWhy,
            budget: $this->budget,
            thinBase: $this->thinBase,
            witnesses: $this->witnesses,
            trapMm: $this->trapMm,
            settled: $this->settled,
            flats: $this->flats,
        );
    }

    /**
     * A plate is called otherwise since.
     *
     * @param array<string, string> $names by the name before
     */
    public function renamed(array $names): self
    {
        $now = static fn (string $name): string => $names[$name] ?? $name;

        return new self(
            $this->palette,
            $this->strays,
            $this->warnings,
            $this->groundLeftOpen,
            $this->kind,
            $this->kindWhy,
            budget: array_map(static fn (NeighbourBudget $b): NeighbourBudget => new NeighbourBudget($now($b->one), $now($b->two), $b->mm), $this->budget),
            thinBase: $this->thinBase,
            witnesses: $this->witnesses,
            trapMm: $this->trapMm,
            settled: $this->settled,
            flats: $this->flats,
        );
    }

    /** What the press must keep to, mm: the register budget of the plates; butting plates have the trade's tolerance. */
    public function toleranceMm(): float
    {
        return max(self::BUTT_MM, $this->budget === [] ? self::BUTT_MM : $this->budget[0]->mm);
    }
}
