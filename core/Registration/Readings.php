<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * The readings of one plate on one or several prints, and their mean at each mark.
 *
 * @phpstan-import-type Shift from SharedFit
 */
final readonly class Readings
{
    /** Marks this close are one place, mm. */
    private const SAME_PLACE_MM = 0.5;

    /** @var non-empty-list<Reading> mean at each mark, each print’s own shift taken off */
    public array $means;
    /** @var list<list<Reading>> as they were read */
    public array $byPrint;
    /**
     * Root mean square distance of the single readings from their mark's mean, mm, corrected for the means being taken
     * from the same readings; null with one print.
     */
    public ?float $repeatMm;
    public int $prints;

    /**
     * @param list<list<Reading>> $prints
     *
     * @throws UnusableReadings where there is nothing, or a place is given twice
     */
    public function __construct(array $prints)
    {
        /** @var array<array-key, list<Reading>> $byMark a name of digits is a number to PHP */
        $byMark = [];
        foreach ($prints as $p => $readings) {
            foreach ($readings as $r => $reading) {
                $field = \sprintf('prints[%d].readings[%d]', $p, $r);
                foreach (\array_slice($readings, 0, $r) as $before) {
                    if ($before->mark === $reading->mark) {
                        throw UnusableReadings::at(
                            $field.'.mark',
                            \sprintf('The mark “%s” is given twice on one print. Keep one reading of each mark.', $reading->mark),
                        );
                    }
                    if (hypot($before->xMm - $reading->xMm, $before->yMm - $reading->yMm) < self::SAME_PLACE_MM) {
                        throw UnusableReadings::at($field.'.at', \sprintf('The marks “%s” and “%s” are given at the same place, (%.1f, %.1f) mm: two places are needed to see a turn. Correct one of them.', $before->mark, $reading->mark, $reading->xMm, $reading->yMm));
                    }
                }
                $first = $byMark[$reading->mark][0] ?? null;
                if ($first !== null && hypot($first->xMm - $reading->xMm, $first->yMm - $reading->yMm) > self::SAME_PLACE_MM) {
                    throw UnusableReadings::at(
                        $field.'.at',
                        \sprintf('The mark “%s” lies at another place than on an earlier print. A mark has one place.', $reading->mark),
                    );
                }
                $byMark[$reading->mark][] = $reading;
            }
        }
        if ($byMark === []) {
            throw UnusableReadings::at('prints', 'There are no readings, so there is nothing to mend. Read the strike-off at one mark at least; two or more show a turn as well.');
        }
        $prints = array_values(array_filter($prints, static fn (array $print): bool => $print !== []));
        $own = self::ownShifts($prints);
        $means = [];
        $squares = 0.0;
        $free = 0;
        foreach ($byMark as $mark => $readings) {
            $n = \count($readings);
            $x = array_sum(array_map(static fn (Reading $r): float => $r->offXMm, $readings)) / $n;
            $y = array_sum(array_map(static fn (Reading $r): float => $r->offYMm, $readings)) / $n;
            foreach ($readings as $reading) {
                $squares += ($reading->offXMm - $x) ** 2 + ($reading->offYMm - $y) ** 2;
            }
            $free += $n - 1;
            // A mark that is missing on a print shall not take the other prints’ loading for its own misfit.
            $loaded = [0.0, 0.0];
            foreach ($prints as $p => $print) {
                if (array_filter($print, static fn (Reading $r): bool => $r->mark === (string) $mark) !== []) {
                    $loaded = [$loaded[0] + $own[$p][0] / $n, $loaded[1] + $own[$p][1] / $n];
                }
            }
            $means[] = new Reading((string) $mark, $readings[0]->xMm, $readings[0]->yMm, $x - $loaded[0], $y - $loaded[1]);
        }
        $this->means = $means;
        $this->byPrint = $prints;
        $this->repeatMm = $free > 0 ? sqrt($squares / $free) : null;
        $this->prints = \count($prints);
    }

    /** @throws UnusableReadings never where a slip was found: others are left */
    public function without(?SlipOfHand $slip): self
    {
        return $slip === null ? $this : new self($slip->leftOut($this->byPrint));
    }

    /**
     * How far each print was loaded from the middle of them all.
     *
     * @param list<list<Reading>> $prints
     *
     * @return list<Shift>
     */
    private static function ownShifts(array $prints): array
    {
        $shifts = SharedFit::of($prints)->shifts;
        $x = array_sum(array_column($shifts, 0)) / \count($shifts);
        $y = array_sum(array_column($shifts, 1)) / \count($shifts);

        return array_map(static fn (array $s): array => [$s[0] - $x, $s[1] - $y], $shifts);
    }
}
