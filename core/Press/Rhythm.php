<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/**
 * The rhythm of a press: what a piece waits for. By hand one person loads, prints each screen, flashes, lets it cool and takes it
 * off, one piece after the other round as many platens as there are; on an automatic all heads work at once and the slowest
 * sets the pace. The only place where the seconds of a piece are reckoned.
 *
 * @phpstan-type Said array{float, string}
 */
final readonly class Rhythm
{
    /** Loading and taking off; a screen brought down and up; a stroke with its flood, s (heuristic). */
    public const LOAD_S = 14.0;
    public const SCREEN_S = 3.0;
    public const STROKE_S = 2.5;
    /** Platens go on by one on an automatic, s (heuristic). */
    public const INDEX_S = 2.0;
    private const HOUR_S = 3600.0;
    /** Of a run goes to ink, wiping, tacking and breath (heuristic). */
    private const PAUSES = 0.12;

    /**
     * @param float        $piecesAnHour with the usual pauses
     * @param string       $waitsAt      where the pace is set
     * @param int          $hands        needed
     * @param list<string> $says
     */
    private function __construct(
        public float $secondsAPiece,
        public float $piecesAnHour,
        public float $hours,
        public string $waitsAt,
        public int $hands,
        public array $says,
    ) {
    }

    /**
     * @param list<PressStation> $stations in print order
     * @param int                $platens  that go round
     * @param bool               $atOnce   whether all heads print at the same time
     * @param int                $pieces   of the run
     * @param int                $dries    layers that dry on the rack, each before the next; 0 where none does
     *
     * @throws ImpossibleRun where there is nothing to print
     */
    public static function of(array $stations, int $platens, bool $atOnce, int $pieces, int $dries = 0): self
    {
        if ($stations === []) {
            throw ImpossibleRun::at('stations', 'There is no screen, so there is no rhythm. Name at least one.');
        }
        if ($platens < 1 || $pieces < 1) {
            throw ImpossibleRun::at($platens < 1 ? 'platens' : 'pieces', 'A run has one platen and one piece at least.');
        }
        [$piece, $slowest] = $atOnce ? self::slowest($stations) : self::byHand($stations, $platens);
        $anHour = self::HOUR_S * (1 - self::PAUSES) / $piece;

        return new self($piece, $anHour, $pieces / $anHour, $slowest, $atOnce ? 2 : 1, [
            ...$dries > 0
                ? [\sprintf('Each of %d layers dries on the rack before the next: %s at a layer a day, %s of pulling for %d.', $dries, $dries === 1 ? 'a day' : $dries.' days', self::time($pieces / $anHour), $pieces)]
                : [\sprintf('Cycle time %.0f s, %.0f an hour with the usual pauses, %s for %d.', $piece, $anHour, self::time($pieces / $anHour), $pieces)],
            match (true) {
                $dries > 0 => 'The rack sets the pace: print all sheets of a layer in one go, and let it dry overnight.',
                $slowest === 'hands' => 'The hands set the pace: a second pair at loading would speed it up.',
                $slowest === 'loading' => 'It waits at loading: a second pair of hands there would speed it up.',
                str_contains($slowest, 'flash') || str_contains($slowest, 'cooling') => \sprintf('It waits at %s: one platen more, or a shorter flash on warm platens, would speed it up.', $slowest),
                default => \sprintf('It waits at %s: fewer strokes there would speed it up.', $slowest),
            },
        ]);
    }

    /** What a piece takes over a run, its pauses with it, s. */
    public static function withPauses(float $secondsAPiece): float
    {
        return $secondsAPiece / (1 - self::PAUSES);
    }

    /** Of the hands at one screen, s. */
    public static function atScreen(int $strokes): float
    {
        return self::SCREEN_S + self::STROKE_S * $strokes;
    }

    /**
     * @param list<PressStation> $stations
     *
     * @return Said
     */
    private static function slowest(array $stations): array
    {
        [$longest, $where] = [self::LOAD_S, 'loading'];
        foreach ($stations as $station) {
            foreach ([[self::atScreen($station->strokes), $station->name], [$station->flashS, 'flash after '.$station->name], [$station->coolS, 'cooling after '.$station->name]] as [$seconds, $name]) {
                if ($seconds > $longest) {
                    [$longest, $where] = [$seconds, $name];
                }
            }
        }

        return [self::INDEX_S + $longest, $where];
    }

    /**
     * @param list<PressStation> $stations
     *
     * @return Said
     */
    private static function byHand(array $stations, int $platens): array
    {
        $hand = self::LOAD_S;
        $hot = 0.0;
        foreach ($stations as $station) {
            $hand += self::atScreen($station->strokes);
            $hot += $station->flashS + $station->coolS;
        }
        // While one platen is under the flash or cools, the hands print the next: only what no other platen fills is waited for.
        $waiting = max(0.0, $hot - ($platens - 1) * $hand);

        return [$hand + $waiting, $waiting > 0 ? 'flash and cooling' : 'hands'];
    }

    private static function time(float $hours): string
    {
        return $hours < 1 ? \sprintf('%.0f minutes', 60 * $hours) : \sprintf('%.1f hours', $hours);
    }
}
