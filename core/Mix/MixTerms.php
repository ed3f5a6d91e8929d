<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;

/**
 * On what terms plates share a colour: what ink costs, how much of the dark black takes, and how much ink may lie together.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class MixTerms
{
    /** Price of a whole coverage, ΔE00², and how much dearer a highlight is: it prints where the base alone is not light enough (heuristic). */
    private const PRICE = 0.2;
    private const HIGHLIGHT = 4.0;
    /** Goes up where the same terms give other plates: what was kept of a table is solved anew. */
    public const LAW = 2;
    /** How hard black is held to its share, ΔE00² for a whole coverage (heuristic). */
    public const HELD = 10.0;
    /**
     * Three colours that come this near to the most ink that may lie together leave no room, coverages; each share of black
     * replaces so much of them, black itself counted (found by what the print is off from what four inks can at all, at 240,
     * 280 and 320 %).
     */
    private const ROOM = 0.3;
    /** Ink is taken to be at its limit this near to it. */
    private const FULL = 0.05;
    private const REPLACES = 1.4;

    /**
     * @param non-empty-list<float> $prices  of each plate
     * @param int|null              $black   plate that is held to a share of what the others have in common; null for none
     * @param float                 $share   of it, 0–1
     * @param float                 $total   coverages together at the most; INF for no limit
     * @param list<int>             $counted plates that count towards it
     */
    private function __construct(public array $prices, public ?int $black = null, public float $share = 0.0, public float $total = \INF, public array $counted = [])
    {
    }

    /** @param int|null $highlight plate that is one */
    public static function opaque(int $plates, ?int $highlight = null): self
    {
        $prices = array_fill(0, max(1, $plates), self::PRICE);
        if ($highlight !== null) {
            $prices[$highlight] = self::PRICE * self::HIGHLIGHT;
        }

        return new self(array_values($prices));
    }

    /**
     * Yellow, magenta, cyan and black, the last four of the plates.
     *
     * @param float $share of the grey in a colour that black takes, 0–1
     * @param float $total coverages together at the most, 1 for 100 %
     */
    public static function process(int $plates, float $share, float $total): self
    {
        return new self(array_fill(0, max(1, $plates), self::PRICE), $plates - 1, $share, $total, range($plates - 4, $plates - 1));
    }

    /** @param array<int, float> $coverages of all plates */
    public function isFull(array $coverages): bool
    {
        if ($this->total === \INF) {
            return false;
        }
        $sum = 0.0;
        foreach ($this->counted as $k) {
            $sum += $coverages[$k];
        }

        return $sum > $this->total - self::FULL;
    }

    /**
     * What black is wished to print of a colour: its share of the grey that yellow, magenta and cyan have in common, and more
     * where the three would come over the most ink that may lie together: else the darks stay pale.
     *
     * @param Channels $colour 0–1, as encoded
     */
    public function wishedBlack(array $colour): float
    {
        $grey = $this->share * (1 - max($colour)) ** 1.5;
        $over = 3 - array_sum($colour) + $grey - ($this->total - self::ROOM);

        return min(1.0, $grey + max(0.0, $over) / self::REPLACES);
    }
}
