<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * A reading with its sign turned, its two figures changed over, or two marks taken for each other: the one change that makes
 * all marks agree, where they do not agree as they are. It is told, not changed.
 */
final class SlipOfHand
{
    /** Marks that agree within this need no explaining, mm (heuristic: a loupe’s tenth and a little growth). */
    private const AGREE_MM = 0.12;
    /** After the change they must disagree by no more than this share, and by less than any other change leaves by as much. */
    private const MENDED = 0.3;
    private const CLEARLY = 2.0;
    private const LEAST_MARKS = 3;

    /** @return list<string> */
    public static function says(Readings $readings): array
    {
        $marks = $readings->means;
        if (\count($marks) < self::LEAST_MARKS) {
            return [];
        }
        $now = self::disagree($marks);
        if ($now < self::AGREE_MM) {
            return [];
        }
        $best = null;
        $least = $second = \INF;
        foreach (self::changes($marks) as [$changed, $sentence]) {
            $left = self::disagree($changed);
            if ($left < $least) {
                [$second, $least, $best] = [$least, $left, $sentence];
            } elseif ($left < $second) {
                $second = $left;
            }
        }

        return $best !== null && $least < self::MENDED * $now && $least * self::CLEARLY < max($second, self::AGREE_MM / 2) ? [$best] : [];
    }

    /**
     * @param non-empty-list<Reading> $marks
     *
     * @return iterable<array{non-empty-list<Reading>, string}>
     */
    private static function changes(array $marks): iterable
    {
        $others = self::others(\count($marks) - 1);
        foreach ($marks as $i => $r) {
            foreach (['to the right' => [-1.0, 1.0], 'away from you' => [1.0, -1.0], 'both ways' => [-1.0, -1.0]] as $way => [$sx, $sy]) {
                if (($sx < 0 && abs($r->offXMm) < 0.05) || ($sy < 0 && abs($r->offYMm) < 0.05)) {
                    continue;
                }
                yield [
                    self::with($marks, $i, $sx * $r->offXMm, $sy * $r->offYMm),
                    \sprintf('“%s” disagrees with %s: with its sign turned %s it would fit them. Check its sign before you turn a knob.', $r->mark, $others, $way),
                ];
            }
            if (abs($r->offXMm - $r->offYMm) > 0.05) {
                yield [
                    self::with($marks, $i, $r->offYMm, $r->offXMm),
                    \sprintf('“%s” disagrees with %s: with right and away changed over it would fit them. Check it before you turn a knob.', $r->mark, $others),
                ];
            }
            foreach (\array_slice($marks, $i + 1) as $k => $other) {
                $j = $i + 1 + $k;
                if (hypot($r->offXMm - $other->offXMm, $r->offYMm - $other->offYMm) > 0.1) {
                    yield [
                        self::with(self::with($marks, $i, $other->offXMm, $other->offYMm), $j, $r->offXMm, $r->offYMm),
                        \sprintf('“%s” and “%s” disagree with the rest: changed over they would fit. Were the two marks taken for each other?', $r->mark, $other->mark),
                    ];
                }
            }
        }
    }

    private static function others(int $count): string
    {
        return 'the other '.(['', 'one', 'two', 'three', 'four', 'five'][$count] ?? (string) $count);
    }

    /**
     * How far the marks disagree when shift and turn are taken away, mm.
     *
     * @param non-empty-list<Reading> $marks
     */
    private static function disagree(array $marks): float
    {
        $moved = MisfitFit::rigid($marks);
        $sum = 0.0;
        foreach ($marks as $r) {
            $sum += ($r->offXMm - $moved->xMm + $moved->turnRad * $r->yMm) ** 2 + ($r->offYMm - $moved->yMm - $moved->turnRad * $r->xMm) ** 2;
        }

        return sqrt($sum / \count($marks));
    }

    /**
     * @param non-empty-list<Reading> $marks
     *
     * @return non-empty-list<Reading>
     */
    private static function with(array $marks, int $i, float $x, float $y): array
    {
        $r = $marks[$i];
        $marks[$i] = new Reading($r->mark, $r->xMm, $r->yMm, $x, $y);

        return array_values($marks);
    }
}
