<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/** Lays films over each other by what was read from them: each mark against the same mark of the others and of the plan. */
final readonly class FilmCheck
{
    /** A mark further off than this shows on the light table, mm (heuristic): a fifth of its hairline. */
    public const TOLERANCE_MM = 0.05;
    /** Marks this near are the same mark, mm. */
    private const SAME_MM = 6.0;

    /**
     * @param list<CheckedFilm> $films
     * @param list<string>      $says  plain sentences, one for each trouble
     */
    private function __construct(public array $films, public float $worstMm, public bool $inRegister, public array $says)
    {
    }

    /**
     * @param list<FilmAsRead> $films
     * @param list<Point>      $plan    where the marks ought to lie on the film; empty where there is none
     * @param bool             $flagged whether the set was made with a flag beside the top mark
     */
    public static function of(array $films, array $plan = [], bool $flagged = false): self
    {
        $places = $plan !== [] ? $plan : self::shared($films);
        $says = [];
        $checked = [];
        foreach ($films as $film) {
            // A film of another size lies elsewhere on its sheet; what counts is how its marks lie to each other.
            $shift = $plan !== [] || $film->isAsLargeAs($films[0]) ? new Point(0.0, 0.0) : self::shift($film->marks, $places);
            $one = self::checked($film, $places, $shift);
            $checked[] = $one;
            array_push($says, ...self::troubles($film, $films[0], $one, $places, $shift));
            $lies = Flag::says($film->flags, $film->marks, $flagged);
            if ($lies !== '') {
                $says[] = $film->file.': '.$lies;
            }
        }

        return new self(
            $checked,
            round(max(0.0, ...array_map(static fn (CheckedFilm $f): float => $f->worstMm ?? 0.0, $checked)), 3),
            $says === [] && $films !== [],
            $says,
        );
    }

    /** @param list<Point> $places */
    private static function checked(FilmAsRead $film, array $places, Point $shift): CheckedFilm
    {
        $marks = [];
        $worst = null;
        foreach ($film->marks as $at) {
            $off = self::off($at, $places, $shift);
            $marks[] = new CheckedMark($at->rounded(3), $off === null ? null : round($off, 3));
            $worst = $off === null ? $worst : max($worst ?? 0.0, $off);
        }

        return new CheckedFilm(
            $film->file,
            round($film->wideMm, 3),
            round($film->highMm, 3),
            $marks,
            $worst === null ? null : round($worst, 3),
        );
    }

    /**
     * @param list<Point> $places
     *
     * @return list<string>
     */
    private static function troubles(FilmAsRead $film, FilmAsRead $first, CheckedFilm $checked, array $places, Point $shift): array
    {
        $says = [];
        if ($places === [] || $film->marks === []) {
            $says[] = \sprintf(
                '%s: no marks were found, so its register cannot be checked. Was it made with marks?',
                $film->file,
            );
        }
        foreach ($checked->marks as $mark) {
            if ($mark->offMm !== null && $mark->offMm > self::TOLERANCE_MM) {
                $says[] = \sprintf(
                    '%s: the mark at %.1f, %.1f mm is %.2f mm off. Colours would lie apart by that much: write or print this film again.',
                    $film->file,
                    $mark->at->xMm,
                    $mark->at->yMm,
                    $mark->offMm,
                );
            }
        }
        $back = new Point(-$shift->xMm, -$shift->yMm);
        $missing = \count(array_filter($places, static fn (Point $place): bool => self::off($place, $film->marks, $back) === null));
        if ($missing > 0 && $film->marks !== []) {
            $says[] = \sprintf('%s: %d of %d marks %s missing.', $film->file, $missing, \count($places), $missing === 1 ? 'is' : 'are');
        }
        if (!$film->isAsLargeAs($first)) {
            $says[] = \sprintf(
                '%s measures %.1f × %.1f mm, the first film %.1f × %.1f mm.',
                $film->file,
                $film->wideMm,
                $film->highMm,
                $first->wideMm,
                $first->highMm,
            );
        }

        return $says;
    }

    /**
     * Where most films have a mark: the middle value of each in x and y.
     *
     * @param list<FilmAsRead> $films
     *
     * @return list<Point>
     */
    private static function shared(array $films): array
    {
        $most = [];
        foreach ($films as $film) {
            $most = \count($film->marks) > \count($most) ? $film->marks : $most;
        }

        return array_map(static function (Point $place) use ($films): Point {
            $xs = $ys = [];
            foreach ($films as $film) {
                foreach ($film->marks as $mark) {
                    if ($mark->to($place) < self::SAME_MM) {
                        $xs[] = $mark->xMm;
                        $ys[] = $mark->yMm;
                    }
                }
            }

            return new Point(self::middle($xs), self::middle($ys));
        }, $most);
    }

    /** @param list<float> $values */
    private static function middle(array $values): float
    {
        sort($values);
        $n = \count($values);

        return ($values[intdiv($n - 1, 2)] + $values[intdiv($n, 2)]) / 2;
    }

    /** @param list<Point> $places */
    private static function off(Point $at, array $places, Point $shift): ?float
    {
        $least = null;
        foreach ($places as $place) {
            $off = $at->minus($shift)->to($place);
            $least = $off < self::SAME_MM ? min($least ?? \INF, $off) : $least;
        }

        return $least;
    }

    /**
     * @param list<Point> $marks
     * @param list<Point> $places
     */
    private static function shift(array $marks, array $places): Point
    {
        $n = \count($marks);
        if ($n !== \count($places) || $n === 0) {
            return new Point(0.0, 0.0);
        }
        $sum = new Point(0.0, 0.0);
        foreach ($marks as $i => $mark) {
            $sum = $sum->plus($mark->minus($places[$i]));
        }

        return new Point($sum->xMm / $n, $sum->yMm / $n);
    }
}
