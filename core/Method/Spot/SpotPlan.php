<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
use Ektype\Core\Unit\Beside;
use Ektype\Core\Unit\Chosen;

/**
 * The choices made for a spot separation. Colours of the art are named by their hex. It does not change: each decision
 * gives a plan of its own.
 */
#[Separates(
    name: 'spot',
    place: 1,
    title: 'Spot plates',
    tonal: false,
    dots: false,
)]
#[SaysOfItself(
    why: '%d plates, one an ink, with clean edges and no dots.',
    whyNot: '%d plates with hard edges: blends of this picture become steps.',
)]
final class SpotPlan implements Plan
{
    private const TINT_LPI = 45.0;

    /**
     * @param int|null           $inks      how many inks at the most; null takes every colour found
     * @param float|null         $trapMm    how far a lighter plate spreads under a darker one; null follows the press
     * @param array<string, int> $locks     colour => number of the ink of the shelf that it prints in
     * @param string|null        $baseFrom  colour whose plate serves as the base
     * @param list<Positive>     $positives plates drawn by hand; where there are any, the art is not separated
     * @param Halftone|null      $tintDots  dots of the tints; null for the usual
     */
    public function __construct(
        #[Chosen('inks', '', 1, 24, 'every colour found')]
        public readonly ?int $inks = null,
        #[Chosen('choke of the base', 'mm', 0, 3)]
        public readonly float $chokeMm = SpotRequest::CHOKE_MM,
        #[Chosen('trap', 'mm', 0, 2, 'by the scatter of the press')]
        public readonly ?float $trapMm = null,
        #[Chosen('print the ground')]
        public readonly bool $printGround = false,
        #[Beside]
        public readonly ColourDecisions $colours = new ColourDecisions(),
        public readonly array $locks = [],
        public readonly ?string $baseFrom = null,
        public readonly array $positives = [],
        public readonly ?Halftone $tintDots = null,
    ) {
    }

    public function method(): MethodName
    {
        return MethodName::of(self::class);
    }

    /** mm; what was set, else what the press asks for. */
    public function trap(?float $sigmaMm): float
    {
        return $this->trapMm ?? Trap::followingPress($sigmaMm);
    }

    public function decided(ColourDecisions $colours): self
    {
        return $this->with($colours, $this->locks, $this->baseFrom, $this->positives, $this->tintDots);
    }

    /** @param int|null $ink null unlocks */
    public function locked(string $hex, ?int $ink): self
    {
        $locks = $ink === null ? array_diff_key($this->locks, [$hex => true]) : [...$this->locks, $hex => $ink];

        return $this->with($this->colours, $locks, $this->baseFrom, $this->positives, $this->tintDots);
    }

    /** @param string|null $hex null for a white base */
    public function withBaseFrom(?string $hex): self
    {
        return $this->with($this->colours, $this->locks, $hex, $this->positives, $this->tintDots);
    }

    public function withTintDots(Halftone $dots): self
    {
        return $this->with($this->colours, $this->locks, $this->baseFrom, $this->positives, $dots);
    }

    /** Dots of tints: where none were set, the usual ruling at the safe angle (heuristic). */
    public function tintDots(): Halftone
    {
        return $this->tintDots ?? new Halftone(self::TINT_LPI);
    }

    /** @param list<Positive> $positives */
    public function drawn(array $positives): self
    {
        return $this->with($this->colours, $this->locks, $this->baseFrom, $positives, $this->tintDots);
    }

    /**
     * @param array<string, int> $locks
     * @param list<Positive>     $positives
     */
    private function with(ColourDecisions $colours, array $locks, ?string $baseFrom, array $positives, ?Halftone $tintDots): self
    {
        return new self($this->inks, $this->chokeMm, $this->trapMm, $this->printGround, $colours, $locks, baseFrom: $baseFrom, positives: $positives, tintDots: $tintDots);
    }
}
