<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * A reading with its sign turned, its point moved, its two figures changed over, or taken at another mark: the one change that makes
 * all readings agree, where they do not agree as they are. It is told and left out, not changed.
 *
 * Readings agree where each is the shift of its print, what its mark is off on every print, and an error of reading; and where what
 * the marks are off is a turn of the whole and a little growth. Both are weighed by how far they may stray.
 */
final readonly class SlipOfHand
{
    /** A loupe’s error, mm (heuristic). */
    private const READING_MM = 0.03;
    /** What marks may be off a turn of the whole, mm: growth, shear and how well they were placed (heuristic). */
    private const MARK_MM = 0.1;
    /** So much better must the readings agree, in squares of what may be, and so much better than by any other change (tried on simulated presses). */
    private const BETTER = 16.0;
    private const CLEARLY = 4.5;
    /** On one print alone growth may be what it looks like: each mark must stray by so much, what is left be this share of it, and of any other change (heuristic). */
    private const ALONE = 1.3;
    private const ALONE_MENDED = 0.09;
    private const ALONE_CLEARLY = 0.25;
    /** Marks that agree so well need no explaining. */
    private const AGREE = 0.33;
    private const LEAST_MARKS = 3;
    /** A change that moves no reading further than this is none, mm. */
    private const COUNTS_MM = 0.05;

    /**
     * @param int|null     $print its place among the prints, from nought; null where it is so on all of them
     * @param list<string> $marks one, or two that were changed over
     */
    private function __construct(public ?int $print, public array $marks, private string $kind, private int $prints, private int $others)
    {
    }

    /** @param list<list<Reading>> $prints */
    public static function among(array $prints): ?self
    {
        $prints = array_values(array_filter($prints, static fn (array $print): bool => $print !== []));
        $marks = \count(array_unique(array_map(static fn (Reading $r): string => $r->mark, array_merge(...$prints))));
        if ($marks < self::LEAST_MARKS) {
            return null;
        }
        $now = self::strays($prints);
        $freedoms = max(1, 2 * \count(array_merge(...$prints)) - 2 * \count($prints) - 1);
        $best = null;
        $least = $second = \INF;
        foreach (self::changes($prints, $marks) as $slip => $changed) {
            $left = self::strays($changed);
            if ($left < $least) {
                // Another kind of slip at the same reading is no other reading.
                $second = $best === null || $best->isOf($slip) ? $second : $least;
                [$least, $best] = [$left, $slip];
            } elseif ($left < $second && $best !== null && !$best->isOf($slip)) {
                $second = $left;
            }
        }
        $unit = max(1.0, $least / $freedoms);
        $clear = \count($prints) > 1
            ? $now - $least > self::BETTER * $unit && $second - $least > self::CLEARLY * $unit
            : $now > self::ALONE * $marks && $least < self::ALONE_MENDED * $now && $least < self::ALONE_CLEARLY * max($second, self::AGREE * $marks);

        return $clear ? $best : null;
    }

    public function says(): string
    {
        $where = match (true) {
            $this->prints === 1 => '',
            $this->print === null => ' on all prints',
            default => \sprintf(' on print %d', $this->print + 1),
        };
        $others = 'the other '.(['', 'one', 'two', 'three', 'four', 'five'][$this->others] ?? (string) $this->others);
        if (\count($this->marks) > 1) {
            return \sprintf('“%s” and “%s”%s disagree with the rest: changed over they would fit. Were the two marks taken for each other? They are left out until you have looked.', $this->marks[0], $this->marks[1], $where);
        }

        return \sprintf('“%s”%s disagrees with %s: %s. It is left out until you have looked.', $this->marks[0], $where, $this->print === null || $this->prints === 1 ? $others : 'the other prints', match ($this->kind) {
            'swapped' => 'with right and away changed over it would fit. Check it',
            'tenfold' => 'a tenth of it would fit. Check its point',
            'tenth' => 'ten times as much would fit. Check its point',
            'both ways' => 'with both its signs turned it would fit. Check its signs',
            default => \sprintf('with its sign turned %s it would fit. Check its sign', $this->kind),
        });
    }

    /**
     * @param list<list<Reading>> $prints
     *
     * @return list<list<Reading>> without what is doubted
     */
    public function leftOut(array $prints): array
    {
        foreach ($prints as $p => $print) {
            if ($this->print === null || $this->print === $p) {
                $prints[$p] = array_values(array_filter($print, fn (Reading $r): bool => !\in_array($r->mark, $this->marks, true)));
            }
        }

        return $prints;
    }

    private function isOf(self $other): bool
    {
        return $this->marks === $other->marks && ($this->print === $other->print || $this->prints === 1);
    }

    /**
     * @param list<list<Reading>> $prints
     *
     * @return \Generator<self, list<list<Reading>>>
     */
    private static function changes(array $prints, int $marks): \Generator
    {
        $count = \count($prints);
        foreach ($count === 1 ? [0] : [...array_keys($prints), null] as $p) {
            $names = array_values(array_unique(array_map(static fn (Reading $r): string => $r->mark, $p === null ? array_merge(...$prints) : $prints[$p])));
            foreach ($names as $i => $mark) {
                foreach (self::kinds() as [$kind, $change]) {
                    $changed = self::with($prints, $p, static fn (Reading $r): Reading => $r->mark === $mark ? $change($r) : $r);
                    if (self::moved($prints, $changed) > self::COUNTS_MM) {
                        yield new self($p, [$mark], $kind, $count, $marks - 1) => $changed;
                    }
                }
                foreach (\array_slice($names, $i + 1) as $other) {
                    yield new self($p, [$mark, $other], 'marks', $count, $marks - 2) => self::over($prints, $p, $mark, $other);
                }
            }
        }
    }

    /** @return list<array{string, \Closure(Reading): Reading}> */
    private static function kinds(): array
    {
        $as = static fn (Reading $r, float $x, float $y): Reading => new Reading($r->mark, $r->xMm, $r->yMm, $x, $y);

        return [
            ['both ways', static fn (Reading $r): Reading => $as($r, -$r->offXMm, -$r->offYMm)],
            ['to the right', static fn (Reading $r): Reading => $as($r, -$r->offXMm, $r->offYMm)],
            ['away from you', static fn (Reading $r): Reading => $as($r, $r->offXMm, -$r->offYMm)],
            ['swapped', static fn (Reading $r): Reading => $as($r, $r->offYMm, $r->offXMm)],
            ...array_merge(...array_map(static fn (string $kind, float $times): array => [
                [$kind, static fn (Reading $r): Reading => $as($r, $times * $r->offXMm, $times * $r->offYMm)],
                [$kind, static fn (Reading $r): Reading => $as($r, $times * $r->offXMm, $r->offYMm)],
                [$kind, static fn (Reading $r): Reading => $as($r, $r->offXMm, $times * $r->offYMm)],
            ], ['tenfold', 'tenth'], [0.1, 10.0])),
        ];
    }

    /**
     * @param list<list<Reading>>        $prints
     * @param \Closure(Reading): Reading $change
     *
     * @return list<list<Reading>>
     */
    private static function with(array $prints, ?int $print, \Closure $change): array
    {
        foreach ($prints as $p => $readings) {
            $prints[$p] = $print === null || $print === $p ? array_map($change, $readings) : $readings;
        }

        return $prints;
    }

    /**
     * @param list<list<Reading>> $prints
     *
     * @return list<list<Reading>> with the readings of two marks changed over
     */
    private static function over(array $prints, ?int $print, string $one, string $other): array
    {
        foreach ($prints as $p => $readings) {
            $by = array_column(array_map(static fn (Reading $r): array => ['mark' => $r->mark, 'read' => $r], $readings), 'read', 'mark');
            if (($print === null || $print === $p) && isset($by[$one], $by[$other])) {
                $prints[$p] = array_map(static fn (Reading $r): Reading => match ($r->mark) {
                    $one => new Reading($r->mark, $r->xMm, $r->yMm, $by[$other]->offXMm, $by[$other]->offYMm),
                    $other => new Reading($r->mark, $r->xMm, $r->yMm, $by[$one]->offXMm, $by[$one]->offYMm),
                    default => $r,
                }, $readings);
            }
        }

        return $prints;
    }

    /**
     * How far the furthest reading was moved, mm.
     *
     * @param list<list<Reading>> $from
     * @param list<list<Reading>> $to
     */
    private static function moved(array $from, array $to): float
    {
        $most = 0.0;
        foreach ($from as $p => $readings) {
            foreach ($readings as $i => $r) {
                $most = max($most, hypot($to[$p][$i]->offXMm - $r->offXMm, $to[$p][$i]->offYMm - $r->offYMm));
            }
        }

        return $most;
    }

    /**
     * How far the readings stray, in squares of what may be: from their print’s shift and their mark’s own misfit, and those from a turn.
     *
     * @param list<list<Reading>> $prints
     */
    private static function strays(array $prints): float
    {
        $own = SharedFit::of($prints)->shifts;
        $marks = $sums = [];
        foreach ($prints as $p => $readings) {
            foreach ($readings as $r) {
                $marks[$r->mark] = $r;
                $sums[$r->mark][] = [$r->offXMm - $own[$p][0], $r->offYMm - $own[$p][1]];
            }
        }
        $strays = 0.0;
        $means = [];
        foreach ($sums as $mark => $read) {
            $n = \count($read);
            [$x, $y] = [array_sum(array_column($read, 0)) / $n, array_sum(array_column($read, 1)) / $n];
            foreach ($read as [$dx, $dy]) {
                $strays += (($dx - $x) ** 2 + ($dy - $y) ** 2) / self::READING_MM ** 2;
            }
            $means[] = [new Reading($marks[$mark]->mark, $marks[$mark]->xMm, $marks[$mark]->yMm, $x, $y), self::MARK_MM ** 2 + self::READING_MM ** 2 / $n];
        }
        if ($means === []) {
            return 0.0;
        }
        $moved = MisfitFit::rigid(array_column($means, 0));
        foreach ($means as [$r, $may]) {
            $strays += (($r->offXMm - $moved->xMm + $moved->turnRad * $r->yMm) ** 2 + ($r->offYMm - $moved->yMm - $moved->turnRad * $r->xMm) ** 2) / $may;
        }

        return $strays;
    }
}
