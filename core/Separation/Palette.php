<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Ciede2000;

/**
 * The flat colours of the art, largest first, and which of them print together. Two colours in one group share a
 * plate; a merged colour keeps its own place in the picture, so its edges are still found.
 */
final readonly class Palette
{
    /** Colours closer than this are offered for merging, ΔE00 (heuristic). */
    public const STRAY_DELTA_E = 5.0;

    /** @var list<int> for each colour the index of the colour that it prints as */
    public array $printsAs;

    /**
     * @param list<PaletteColour> $colours
     * @param bool                $noisy     whether the picture carries noise, as a JPEG or a photo does
     * @param list<int>|null      $printsAs
     * @param float               $flatShare how much of the picture lies in flat parts, 0–1
     */
    public function __construct(public array $colours, public bool $noisy, ?array $printsAs = null, public float $flatShare = 1.0)
    {
        $this->printsAs = $printsAs ?? array_keys($colours);
    }

    /** @return list<int> the colours that have a place of their own */
    public function leaders(): array
    {
        $leaders = [];
        foreach ($this->printsAs as $i => $leader) {
            if ($i === $leader) {
                $leaders[] = $i;
            }
        }

        return $leaders;
    }

    /** Lets one colour, and all that print as it, print as another. */
    public function merged(int $from, int $into): self
    {
        $into = $this->printsAs[$into] ?? throw ImpossibleSeparation::at('merge', 'There is no such colour to merge into.');
        $from = $this->printsAs[$from] ?? throw ImpossibleSeparation::at('merge', 'There is no such colour to merge.');
        $printsAs = array_map(static fn (int $leader): int => $leader === $from ? $into : $leader, $this->printsAs);

        return new self($this->colours, $this->noisy, $printsAs, $this->flatShare);
    }

    /**
     * Parts a colour into the two shades that its votes gather round.
     *
     * @throws ImpossibleSeparation where it is one shade only
     */
    public function split(int $colour): self
    {
        $whole = $this->colours[$colour];
        [$one, $two] = $whole->shades();
        if ($one === null || $two === null) {
            throw ImpossibleSeparation::at('split', \sprintf('%s is one shade through and through, so there is nothing to part. Draw the two parts in different colours and bring the art again.', $whole->colour->hex()));
        }
        $colours = [...array_map(static fn (PaletteColour $c): PaletteColour => $c === $whole ? $one : $c, $this->colours), $two];

        return new self($colours, $this->noisy, [...$this->printsAs, \count($colours) - 1], $this->flatShare);
    }

    public function share(int $leader): float
    {
        $sum = 0.0;
        foreach ($this->printsAs as $i => $as) {
            $sum += $as === $leader ? $this->colours[$i]->share : 0.0;
        }

        return $sum;
    }

    /**
     * Merges the pair whose merging changes the picture least (smaller share × ΔE00²) until so many remain.
     *
     * @param list<int> $leftOpen colours that the garment gives, which count for no ink and are not merged
     */
    public function reducedTo(int $inks, array $leftOpen): self
    {
        $palette = $this;
        while (true) {
            $leaders = array_values(array_diff($palette->leaders(), $leftOpen));
            if (\count($leaders) <= $inks || \count($leaders) < 2) {
                return $palette;
            }
            $least = \INF;
            $pair = [$leaders[0], $leaders[1]];
            foreach ($leaders as $i => $one) {
                foreach (\array_slice($leaders, $i + 1) as $two) {
                    $cost = min($palette->share($one), $palette->share($two))
                        * Ciede2000::between($this->colours[$one]->lab, $this->colours[$two]->lab) ** 2;
                    if ($cost < $least) {
                        $least = $cost;
                        $pair = [$one, $two];
                    }
                }
            }
            [$one, $two] = $pair;
            $palette = $palette->share($one) >= $palette->share($two) ? $palette->merged($two, $one) : $palette->merged($one, $two);
        }
    }

    /**
     * Pairs of leaders so close that they are likely one ink, closest first: the smaller is the stray.
     *
     * @return list<StrayPair>
     */
    public function strays(): array
    {
        $pairs = [];
        $leaders = $this->leaders();
        foreach ($leaders as $i => $one) {
            foreach (\array_slice($leaders, $i + 1) as $two) {
                $deltaE = Ciede2000::between($this->colours[$one]->lab, $this->colours[$two]->lab);
                if ($deltaE < self::STRAY_DELTA_E) {
                    $oneIsLarger = $this->share($one) >= $this->share($two);
                    $pairs[] = $oneIsLarger ? new StrayPair($two, $one, $deltaE) : new StrayPair($one, $two, $deltaE);
                }
            }
        }
        usort($pairs, static fn (StrayPair $a, StrayPair $b): int => $a->deltaE <=> $b->deltaE);

        return $pairs;
    }
}
