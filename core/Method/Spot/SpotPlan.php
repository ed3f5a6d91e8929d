<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Plate\Halftone;
use Ektype\Core\Separation\ImpossibleSeparation;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\Positive;
use Ektype\Core\Separation\SaysOfItself;
use Ektype\Core\Separation\Separates;
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
     * @param int|null              $inks       how many inks at the most; null takes every colour found
     * @param float|null            $trapMm     how far a lighter plate spreads under a darker one; null follows the press
     * @param array<string, string> $merges     colour => the colour that it prints as
     * @param list<string>          $leftOpen   colours given to the garment
     * @param list<string>          $splits     colours parted into their two shades
     * @param array<string, int>    $locks      colour => number of the ink of the shelf that it prints in
     * @param array<string, bool>   $highlights colour => prints last as a highlight
     * @param array<string, bool>   $onBase     colour => stands on the base
     * @param array<string, bool>   $overprints colour => neighbours run on under it
     * @param array<string, float>  $thicken    colour => lines thinner than so many mm are brought to it
     * @param string|null           $baseFrom   colour whose plate serves as the base
     * @param list<Positive>        $positives  plates drawn by hand; where there are any, the art is not separated
     * @param array<string, Tint>   $tints      colour => the tint that it prints as, of another's ink
     * @param Halftone|null         $tintDots   their dots; null for the usual
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
        public readonly array $merges = [],
        public readonly array $leftOpen = [],
        public readonly array $splits = [],
        public readonly array $locks = [],
        public readonly array $highlights = [],
        public readonly array $onBase = [],
        public readonly array $overprints = [],
        public readonly array $thicken = [],
        public readonly ?string $baseFrom = null,
        public readonly array $positives = [],
        public readonly array $tints = [],
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

    /** @throws ImpossibleSeparation where a colour is to print as itself */
    public function merged(string $from, string $into): self
    {
        if ($from === $into) {
            throw ImpossibleSeparation::at('merge', 'A colour cannot be merged into itself. Choose two.');
        }

        return new self(...['merges' => [...$this->merges, $from => $into], 'tints' => array_diff_key($this->tints, [$from => true])] + $this->values());
    }

    /** @param array<string, string> $merges colour => the colour that it prints as, beside those that there are */
    public function merging(array $merges): self
    {
        return new self(...['merges' => [...$this->merges, ...$merges]] + $this->values());
    }

    public function leftOpen(string $hex): self
    {
        return new self(...['leftOpen' => array_values(array_unique([...$this->leftOpen, $hex])), 'tints' => array_diff_key($this->tints, [$hex => true])] + $this->values());
    }

    public function parted(string $hex): self
    {
        return new self(...['splits' => array_values(array_unique([...$this->splits, $hex])), 'tints' => array_diff_key($this->tints, [$hex => true])] + $this->values());
    }

    /** No longer merged, parted, left open or a tint. */
    public function printedAgain(string $hex): self
    {
        return new self(...[
            'merges' => array_diff_key($this->merges, [$hex => true]),
            'leftOpen' => array_values(array_diff($this->leftOpen, [$hex])),
            'splits' => array_values(array_diff($this->splits, [$hex])),
            'tints' => array_diff_key($this->tints, [$hex => true]),
        ] + $this->values());
    }

    /** @param int|null $ink null unlocks */
    public function locked(string $hex, ?int $ink): self
    {
        $locks = $ink === null ? array_diff_key($this->locks, [$hex => true]) : [...$this->locks, $hex => $ink];

        return new self(...['locks' => $locks] + $this->values());
    }

    public function highlighted(string $hex, bool $on): self
    {
        return new self(...['highlights' => [...$this->highlights, $hex => $on]] + $this->values());
    }

    public function onBase(string $hex, bool $on): self
    {
        return new self(...['onBase' => [...$this->onBase, $hex => $on]] + $this->values());
    }

    /** @param list<string> $colours all that print */
    public function withBase(BaseWish $wish, array $colours): self
    {
        return new self(...['onBase' => $wish === BaseWish::ByGarment ? [] : array_fill_keys($colours, $wish === BaseWish::All)] + $this->values());
    }

    public function overprinting(string $hex, bool $on): self
    {
        return new self(...['overprints' => [...$this->overprints, $hex => $on]] + $this->values());
    }

    /** @param float $mm 0 leaves lines as they are */
    public function thickened(string $hex, float $mm): self
    {
        $thicken = $mm > 0 ? [...$this->thicken, $hex => $mm] : array_diff_key($this->thicken, [$hex => true]);

        return new self(...['thicken' => $thicken] + $this->values());
    }

    /** @param string|null $hex null for a white base */
    public function withBaseFrom(?string $hex): self
    {
        return new self(...['baseFrom' => $hex] + $this->values());
    }

    public function tinted(Tint $tint): self
    {
        return new self(...['tints' => [...$this->tints, $tint->hex => $tint]] + $this->values());
    }

    public function withTintDots(Halftone $dots): self
    {
        return new self(...['tintDots' => $dots] + $this->values());
    }

    /** Dots of tints: where none were set, the usual ruling at the safe angle (heuristic). */
    public function tintDots(): Halftone
    {
        return $this->tintDots ?? new Halftone(self::TINT_LPI);
    }

    /** @return list<Tint> colours that print as dots of another’s ink */
    public function tintsOf(?string $hex): array
    {
        return $hex === null ? [] : array_values(array_filter($this->tints, static fn (Tint $t): bool => \in_array($hex, $t->inks(), true)));
    }

    /** @param list<Positive> $positives */
    public function drawn(array $positives): self
    {
        return new self(...['positives' => $positives] + $this->values());
    }

    /**
     * @return array{inks: int|null, chokeMm: float, trapMm: float|null, printGround: bool, merges: array<string, string>,
     *     leftOpen: list<string>, splits: list<string>, locks: array<string, int>, highlights: array<string, bool>,
     *     onBase: array<string, bool>, overprints: array<string, bool>, thicken: array<string, float>, baseFrom: string|null,
     *     positives: list<Positive>, tints: array<string, Tint>, tintDots: Halftone|null}
     */
    private function values(): array
    {
        return [
            'inks' => $this->inks,
            'chokeMm' => $this->chokeMm,
            'trapMm' => $this->trapMm,
            'printGround' => $this->printGround,
            'merges' => $this->merges,
            'leftOpen' => $this->leftOpen,
            'splits' => $this->splits,
            'locks' => $this->locks,
            'highlights' => $this->highlights,
            'onBase' => $this->onBase,
            'overprints' => $this->overprints,
            'thicken' => $this->thicken,
            'baseFrom' => $this->baseFrom,
            'positives' => $this->positives,
            'tints' => $this->tints,
            'tintDots' => $this->tintDots,
        ];
    }
}
