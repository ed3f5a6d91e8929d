<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Separation\ImpossibleSeparation;

/** What was decided of colours of the art, each named by its hex. It does not change: each decision gives decisions of its own. */
final readonly class ColourDecisions
{
    /**
     * @param array<string, string> $merges     colour => the colour that it prints as
     * @param list<string>          $leftOpen   colours given to the garment
     * @param list<string>          $splits     colours parted into their two shades
     * @param array<string, bool>   $highlights colour => prints last as a highlight
     * @param array<string, bool>   $onBase     colour => stands on the base
     * @param array<string, bool>   $overprints colour => neighbours run on under it
     * @param array<string, float>  $thicken    colour => lines thinner than so many mm are brought to it
     * @param array<string, Tint>   $tints      colour => the tint that it prints as, of another's ink
     */
    public function __construct(
        public array $merges = [],
        public array $leftOpen = [],
        public array $splits = [],
        public array $highlights = [],
        public array $onBase = [],
        public array $overprints = [],
        public array $thicken = [],
        public array $tints = [],
    ) {
    }

    /** @throws ImpossibleSeparation where a colour is to print as itself */
    public function merged(string $from, string $into): self
    {
        if ($from === $into) {
            throw ImpossibleSeparation::at('merge', 'A colour cannot be merged into itself. Choose two.');
        }

        return $this->but(merges: [...$this->merges, $from => $into], tints: array_diff_key($this->tints, [$from => true]));
    }

    /** @param array<string, string> $merges colour => the colour that it prints as, beside those that there are */
    public function merging(array $merges): self
    {
        return $this->but(merges: [...$this->merges, ...$merges]);
    }

    public function leftOpen(string $hex): self
    {
        return $this->but(leftOpen: array_values(array_unique([...$this->leftOpen, $hex])), tints: array_diff_key($this->tints, [$hex => true]));
    }

    public function parted(string $hex): self
    {
        return $this->but(splits: array_values(array_unique([...$this->splits, $hex])), tints: array_diff_key($this->tints, [$hex => true]));
    }

    /** No longer merged, parted, left open or a tint. */
    public function printedAgain(string $hex): self
    {
        return $this->but(
            array_diff_key($this->merges, [$hex => true]),
            array_values(array_diff($this->leftOpen, [$hex])),
            array_values(array_diff($this->splits, [$hex])),
            tints: array_diff_key($this->tints, [$hex => true]),
        );
    }

    public function highlighted(string $hex, bool $on): self
    {
        return $this->but(highlights: [...$this->highlights, $hex => $on]);
    }

    public function onBase(string $hex, bool $on): self
    {
        return $this->but(onBase: [...$this->onBase, $hex => $on]);
    }

    /** @param list<string> $colours all that print */
    public function withBase(BaseWish $wish, array $colours): self
    {
        return $this->but(onBase: $wish === BaseWish::ByGarment ? [] : array_fill_keys($colours, $wish === BaseWish::All));
    }

    public function overprinting(string $hex, bool $on): self
    {
        return $this->but(overprints: [...$this->overprints, $hex => $on]);
    }

    /** @param float $mm 0 leaves lines as they are */
    public function thickened(string $hex, float $mm): self
    {
        return $this->but(thicken: $mm > 0 ? [...$this->thicken, $hex => $mm] : array_diff_key($this->thicken, [$hex => true]));
    }

    public function tinted(Tint $tint): self
    {
        return $this->but(tints: [...$this->tints, $tint->hex => $tint]);
    }

    /** @return list<Tint> colours that print as dots of another’s ink */
    public function tintsOf(?string $hex): array
    {
        return $hex === null ? [] : array_values(array_filter($this->tints, static fn (Tint $t): bool => \in_array($hex, $t->inks(), true)));
    }

    /**
     * @param array<string, string>|null $merges
     * @param list<string>|null          $leftOpen
     * @param list<string>|null          $splits
     * @param array<string, bool>|null   $highlights
     * @param array<string, bool>|null   $onBase
     * @param array<string, bool>|null   $overprints
     * @param array<string, float>|null  $thicken
     * @param array<string, Tint>|null   $tints
     */
    private function but(?array $merges = null, ?array $leftOpen = null, ?array $splits = null, ?array $highlights = null, ?array $onBase = null, ?array $overprints = null, ?array $thicken = null, ?array $tints = null): self
    {
        return new self(
            $merges ?? $this->merges,
            $leftOpen ?? $this->leftOpen,
            $splits ?? $this->splits,
            $highlights ?? $this->highlights,
            $onBase ?? $this->onBase,
            $overprints ?? $this->overprints,
            thicken: $thicken ?? $this->thicken,
            tints: $tints ?? $this->tints,
        );
    }
}
