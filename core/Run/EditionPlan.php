<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/**
 * How many sheets an edition begins with, so that enough of them come through every colour, and what is written under those
 * that did. Each sheet comes through a colour or is spoiled there by itself, so what is left is binomial.
 */
final readonly class EditionPlan
{
    /** The edition comes out full so often. */
    public const SURE = 0.95;
    /** More of it keeps an ink from drying at all (trade default). */
    private const MUCH_RETARDER = 0.1;
    private const MOST_SHEETS = 3000;

    /**
     * @param int            $sheets  to tear and begin with
     * @param int            $proofs  taken out on the way, one a stage
     * @param list<InkMixed> $inks    in print order
     * @param string         $numbers what is written under the sheets that came through
     * @param list<string>   $says
     */
    private function __construct(public int $sheets, public int $proofs, public float $spoiledEach, public array $inks, public string $numbers, public array $says)
    {
    }

    /**
     * @param int                $wanted  numbered sheets
     * @param array<int, string> $plates  names by number, in print order
     * @param array<int, float>  $grams   a sheet takes, by plate
     * @param float              $spoiled share of the sheets that a colour spoils
     * @param int                $good    that came through so far
     * @param bool               $ended   whether the last one is off
     *
     * @throws ImpossibleCount where there is no edition
     */
    public static function of(Edition $edition, int $wanted, array $plates, array $grams, float $spoiled, int $good = 0, bool $ended = false): self
    {
        if ($wanted < 1 || $wanted > 2000) {
            throw ImpossibleCount::at('pieces', 'An edition has 1 to 2000 numbered sheets. Say how many are wanted.');
        }
        if ($spoiled < 0 || $spoiled >= 0.9) {
            throw ImpossibleCount::at('spoiled', 'Nine of ten sheets spoiled at a colour are no edition: find the cause first.');
        }
        $colours = max(1, \count($plates));
        $proofs = $edition->stageProofs ? $colours - 1 : 0;
        $needed = $wanted + $edition->artistProofs;
        $through = (1 - $spoiled) ** $colours;
        $sheets = $needed;
        while ($sheets < self::MOST_SHEETS && self::atLeast($needed, $sheets, $through) < self::SURE) {
            ++$sheets;
        }
        $begin = $sheets + $proofs;
        $inks = [];
        foreach ($plates as $plate => $name) {
            $whole = $begin * ($grams[$plate] ?? 0.0);
            $inks[] = new InkMixed($plate, $name, $whole * (1 - $edition->retarder), $whole * $edition->retarder);
        }

        return new self($begin, $proofs, $spoiled, $inks, self::numbers($edition, $wanted, $good), array_values(array_filter([
            \sprintf('Tear %d sheets: %d numbered%s%s, and %d against what %d %s spoil.', $begin, $wanted, $edition->artistProofs > 0 ? \sprintf(', %d artist’s proofs', $edition->artistProofs) : '', $proofs > 0 ? \sprintf(', %d of the stages', $proofs) : '', $sheets - $needed, $colours, $colours === 1 ? 'colour may' : 'colours may'),
            $edition->retarder > self::MUCH_RETARDER ? \sprintf('%.0f %% retarder: the ink may stay tacky for days. Up to %.0f %% is usual; a wet flood after each sheet does more.', 100 * $edition->retarder, 100 * self::MUCH_RETARDER) : '',
            $edition->clearSheet ? 'Print the first colour once on the clear sheet, taped along one edge: slide each sheet under it, and fold it back.' : '',
            $edition->masked ? 'Mask the margins on the underside: tape, and a clean sheet of newsprint every ten.' : '',
            $ended && $good < $wanted ? \sprintf('%d came through and %d were to be numbered: number them of %d, or print %d more while the screens stand.', $good, $wanted, max(1, $good), $needed - $good) : '',
        ], static fn (string $one): bool => $one !== '')));
    }

    private static function numbers(Edition $edition, int $wanted, int $good): string
    {
        if ($good < 1) {
            return '';
        }
        $numbered = min($good, $wanted);
        $proofs = min($edition->artistProofs, $good - $numbered);
        $spare = $good - $numbered - $proofs;

        return \sprintf('1/%1$d to %2$d/%1$d', $good < $wanted ? $good : $wanted, $numbered)
            .($proofs > 0 ? \sprintf('; A.P. 1/%1$d to %1$d/%1$d', $proofs) : '')
            .($spare > 0 ? \sprintf('; %d without a number: trial sheets, or torn up', $spare) : '');
    }

    /** That of so many sheets at least so many come through: the binomial tail, summed in logarithms. */
    private static function atLeast(int $needed, int $sheets, float $through): float
    {
        if ($through >= 1) {
            return 1.0;
        }
        $log = 0.0;
        $sum = 0.0;
        // From all down: ln C(n, k) changes by one factor a step.
        for ($lost = 0; $lost <= $sheets - $needed; ++$lost) {
            if ($lost > 0) {
                $log += log($sheets - $lost + 1) - log($lost);
            }
            $sum += exp($log + ($sheets - $lost) * log($through) + $lost * log(1 - $through));
        }

        return min(1.0, $sum);
    }
}
