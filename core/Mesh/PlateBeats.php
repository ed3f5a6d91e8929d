<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

use Ektype\Core\Plate\Halftone;

/** Rulings and angles of several plates, so that no two of them make a pattern that is seen. */
final class PlateBeats
{
    /** A base stands at least so far from the colours, degrees; a quarter turn brings dots back to themselves. */
    private const LEAST_APART = 15.0;
    private const STEP = 1.0;
    /** A pattern is seen from here on, % of the mean (heuristic, as with the mesh). */
    private const SEEN = 1.0;

    /** The angle at which a plate stands calmest beside others, degrees, 0–90. */
    public static function apart(Halftone $colours): Halftone
    {
        /** @var array<string, float> $known */
        static $known = [];
        $angle = $known[$colours->lpi.' '.$colours->angleDeg] ??= self::calmest($colours);

        return new Halftone($colours->lpi, $angle);
    }

    private static function calmest(Halftone $colours): float
    {
        [$best, $least] = [30.0, \INF];
        for ($turn = self::LEAST_APART; $turn <= 90 - self::LEAST_APART; $turn += self::STEP) {
            $score = Moire::scoreOf(Moire::betweenPlates(new Halftone($colours->lpi, $colours->angleDeg + $turn), $colours));
            // Of two that are alike the one nearer to a third of a right angle, as is usual.
            if ($score + 0.001 * abs($turn - 30) < $least) {
                [$best, $least] = [$turn, $score + 0.001 * abs($turn - 30)];
            }
        }

        return fmod($colours->angleDeg + $best + 90, 90.0);
    }

    /**
     * How far a fan of plates is turned so that each is calm on the mesh.
     *
     * @param list<float> $fan angles of the plates before they are turned, degrees
     *
     * @return float degrees
     */
    public static function turned(Mesh $mesh, float $lpi, array $fan): float
    {
        $moire = new Moire($mesh);
        [$best, $least] = [7.5, \INF];
        for ($turn = 0.0; $turn < 15.0; $turn += 0.5) {
            $score = array_sum(array_map(static fn (float $angle): float => $moire->score($lpi, $angle + $turn) ** 2, $fan)) + 0.001 * abs($turn - 7.5);
            if ($score < $least) {
                [$best, $least] = [$turn, $score];
            }
        }

        return $best;
    }

    /**
     * The strongest pattern of all pairs, in a sentence.
     *
     * @param array<string, Halftone> $plates by name
     * @param array<string, float>    $dark   how much each darkens what it lies on, 0–1: a pale ink’s pattern is pale; 1 where none is given
     */
    public static function says(array $plates, array $dark = []): string
    {
        $names = array_keys($plates);
        [$most, $pair, $period] = [0.0, '', 0.0];
        foreach ($names as $i => $one) {
            foreach (\array_slice($names, $i + 1) as $other) {
                $beats = Moire::betweenPlates($plates[$one], $plates[$other]);
                $score = Moire::scoreOf($beats) * min($dark[$one] ?? 1.0, $dark[$other] ?? 1.0);
                if ($score > $most) {
                    [$most, $pair, $period] = [$score, $one.' and '.$other, $beats[0]->periodMm ?? 0.0];
                }
            }
        }

        return match (true) {
            $most === 0.0 => 'All dots stand at one ruling and angle, set off against each other: no two plates make a pattern, but a shift changes how they overlap.',
            $most < self::SEEN => \sprintf('No two plates make a pattern that is seen: the strongest, %s, is %.1f %% of the ink, every %.1f mm.', $pair, $most, $period),
            default => \sprintf('%s make a pattern of %.1f %% of the ink, every %.1f mm%s.', $pair, $most, $period, $period < 2 ? ': so fine that it is texture' : ': it may be seen. Another angle for one of them is calmer'),
        };
    }
}
