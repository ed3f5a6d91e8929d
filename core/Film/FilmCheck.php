<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** Lays films over each other by what was read from them: each mark against the same mark of the others and of the plan. */
final readonly class FilmCheck
{
    /** A mark further off than this shows on the light table, mm (heuristic): a fifth of its hairline. */
    public const TOLERANCE_MM = 0.05;
    /** Marks this near are the same mark, mm. */
    private const SAME_MM = 6.0;
    private const SIZE_TOLERANCE_MM = 0.1;

    /**
     * @param list<array{file: string, wide_mm: float, high_mm: float, marks: list<array{at_mm: array{float, float}, off_mm: float|null}>, worst_mm: float|null}> $films
     * @param list<string>                                                                                                                                        $says  plain sentences, one for each trouble
     */
    private function __construct(public array $films, public float $worstMm, public bool $inRegister, public array $says)
    {
    }

    /**
     * @param list<array{file: string, wide_mm: float, high_mm: float, marks: list<array{float, float}>}> $films
     * @param list<array{float, float}>                                                                   $plan  where the marks ought to lie on the film, mm; empty where there is none
     */
    public static function of(array $films, array $plan = []): self
    {
        $places = $plan !== [] ? $plan : self::shared($films);
        $says = [];
        $rows = [];
        $worstOfAll = 0.0;
        foreach ($films as $film) {
            if ($places === [] || $film['marks'] === []) {
                $says[] = \sprintf('%s: no marks were found, so nobody can tell whether it is in register. Was it made with marks?', $film['file']);
            }
            // A film of another size lies elsewhere on its sheet; what counts is how its marks lie to each other.
            $shift = self::sameSize($film, $films[0]) || $plan !== [] ? [0.0, 0.0] : self::shift($film['marks'], $places);
            $marks = [];
            $worst = null;
            foreach ($film['marks'] as $at) {
                $off = self::off($at, $places, $shift);
                $marks[] = ['at_mm' => [round($at[0], 3), round($at[1], 3)], 'off_mm' => $off === null ? null : round($off, 3)];
                if ($off !== null) {
                    $worst = max($worst ?? 0.0, $off);
                    if ($off > self::TOLERANCE_MM) {
                        $says[] = \sprintf('%s: the mark at %.1f, %.1f mm is %.2f mm off. Colours would part by as much: write or print this film again.', $film['file'], $at[0], $at[1], $off);
                    }
                }
            }
            $missing = \count(array_filter($places, static fn (array $place): bool => self::off($place, $film['marks'], [-$shift[0], -$shift[1]]) === null));
            if ($missing > 0 && $film['marks'] !== []) {
                $says[] = \sprintf('%s: %d of %d marks %s missing.', $film['file'], $missing, \count($places), $missing === 1 ? 'is' : 'are');
            }
            if (!self::sameSize($film, $films[0])) {
                $says[] = \sprintf('%s measures %.1f × %.1f mm, the first film %.1f × %.1f mm.', $film['file'], $film['wide_mm'], $film['high_mm'], $films[0]['wide_mm'], $films[0]['high_mm']);
            }
            $worstOfAll = max($worstOfAll, $worst ?? 0.0);
            $rows[] = ['file' => $film['file'], 'wide_mm' => round($film['wide_mm'], 3), 'high_mm' => round($film['high_mm'], 3), 'marks' => $marks, 'worst_mm' => $worst === null ? null : round($worst, 3)];
        }

        return new self($rows, round($worstOfAll, 3), $says === [] && $films !== [], $says);
    }

    /**
     * Where most films have a mark: the middle value of each in x and y.
     *
     * @param list<array{file: string, wide_mm: float, high_mm: float, marks: list<array{float, float}>}> $films
     *
     * @return list<array{float, float}>
     */
    private static function shared(array $films): array
    {
        $most = [];
        foreach ($films as $film) {
            $most = \count($film['marks']) > \count($most) ? $film['marks'] : $most;
        }
        $shared = [];
        foreach ($most as $place) {
            $xs = $ys = [];
            foreach ($films as $film) {
                foreach ($film['marks'] as $mark) {
                    if (hypot($mark[0] - $place[0], $mark[1] - $place[1]) < self::SAME_MM) {
                        $xs[] = $mark[0];
                        $ys[] = $mark[1];
                    }
                }
            }
            sort($xs);
            sort($ys);
            $shared[] = [($xs[intdiv(\count($xs) - 1, 2)] + $xs[intdiv(\count($xs), 2)]) / 2, ($ys[intdiv(\count($ys) - 1, 2)] + $ys[intdiv(\count($ys), 2)]) / 2];
        }

        return $shared;
    }

    /**
     * @param array{float, float}       $at
     * @param list<array{float, float}> $places
     * @param array{float, float}       $shift
     */
    private static function off(array $at, array $places, array $shift): ?float
    {
        $least = null;
        foreach ($places as $place) {
            $off = hypot($at[0] - $shift[0] - $place[0], $at[1] - $shift[1] - $place[1]);
            $least = $off < self::SAME_MM ? min($least ?? \INF, $off) : $least;
        }

        return $least;
    }

    /**
     * @param list<array{float, float}> $marks
     * @param list<array{float, float}> $places
     *
     * @return array{float, float}
     */
    private static function shift(array $marks, array $places): array
    {
        if (\count($marks) !== \count($places) || $marks === []) {
            return [0.0, 0.0];
        }
        $sum = [0.0, 0.0];
        foreach ($marks as $i => $mark) {
            $sum[0] += $mark[0] - $places[$i][0];
            $sum[1] += $mark[1] - $places[$i][1];
        }

        return [$sum[0] / \count($marks), $sum[1] / \count($marks)];
    }

    /**
     * @param array{wide_mm: float, high_mm: float} $one
     * @param array{wide_mm: float, high_mm: float} $two
     */
    private static function sameSize(array $one, array $two): bool
    {
        return abs($one['wide_mm'] - $two['wide_mm']) < self::SIZE_TOLERANCE_MM && abs($one['high_mm'] - $two['high_mm']) < self::SIZE_TOLERANCE_MM;
    }
}
