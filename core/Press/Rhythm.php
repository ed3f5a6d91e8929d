<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/**
 * The rhythm of a press: what a piece waits for. By hand one person loads, prints each screen, flashes, lets it cool and takes it
 * off, one piece after the other round as many platens as there are; on an automatic all heads work at once and the slowest
 * sets the pace.
 */
final readonly class Rhythm
{
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
     *
     * @throws ImpossibleFlash where there is nothing to print
     */
    public static function of(array $stations, int $platens, bool $atOnce, int $pieces): self
    {
        if ($stations === []) {
            throw ImpossibleFlash::at('stations', 'There is no screen, so there is no rhythm. Name at least one.');
        }
        if ($platens < 1 || $pieces < 1) {
            throw ImpossibleFlash::at($platens < 1 ? 'platens' : 'pieces', 'A run has one platen and one piece at least.');
        }
        $works = [];
        foreach ($stations as $station) {
            $works[$station->name] = CycleTime::SCREEN_S + CycleTime::STROKE_S * $station->strokes;
            if ($station->flashS > 0) {
                $works['flash after '.$station->name] = $station->flashS;
            }
            if ($station->coolS > 0) {
                $works['cooling after '.$station->name] = $station->coolS;
            }
        }
        $hand = CycleTime::LOAD_S;
        $hot = 0.0;
        foreach ($stations as $station) {
            $hand += CycleTime::SCREEN_S + CycleTime::STROKE_S * $station->strokes;
            $hot += $station->flashS + $station->coolS;
        }
        if ($atOnce) {
            $works['loading'] = CycleTime::LOAD_S;
            arsort($works);
            $slowest = array_key_first($works);
            $piece = CycleTime::INDEX_S + $works[$slowest];
            $hands = 2;
        } else {
            // While one platen is under the flash or cools, the hands print the next: only what no other platen fills is waited for.
            $others = ($platens - 1) * $hand;
            $waiting = max(0.0, $hot - $others);
            $piece = $hand + $waiting;
            $slowest = $waiting > 0 ? 'flash and cooling' : 'hands';
            $hands = 1;
        }
        $anHour = self::HOUR_S * (1 - self::PAUSES) / $piece;

        return new self($piece, $anHour, $pieces / $anHour, $slowest, $hands, [
            \sprintf('%.0f s a piece, %.0f an hour with the usual pauses, %s for %d.', $piece, $anHour, self::time($pieces / $anHour), $pieces),
            $slowest === 'hands' ? 'The hands set the pace: a second pair at loading would speed it up.' : \sprintf('It waits at %s: %s.', $slowest, str_contains($slowest, 'flash') || str_contains($slowest, 'cooling') ? 'one platen more, or a shorter flash on warm platens, would speed it up' : 'fewer strokes there would speed it up'),
        ]);
    }

    private static function time(float $hours): string
    {
        return $hours < 1 ? \sprintf('%.0f minutes', 60 * $hours) : \sprintf('%.1f hours', $hours);
    }
}
