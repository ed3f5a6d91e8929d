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
    /** A fan is usually turned so far off the mesh, degrees (trade default); rulings up to this share off the wish are tried, in so many steps each way. */
    private const USUAL_TURN = 7.5;
    private const NEAR_RULING = 0.08;
    private const RULINGS = 3;

    /** The angle at which a plate stands calmest on its mesh and beside others, degrees, 0–90. */
    public static function apart(Halftone $colours, Mesh $mesh): Halftone
    {
        /** @var array<string, float> $known */
        static $known = [];
        $angle = $known[serialize([$colours, $mesh])] ??= self::calmest($colours, $mesh);

        return new Halftone($colours->lpi, $angle);
    }

    private static function calmest(Halftone $colours, Mesh $mesh): float
    {
        $moire = new Moire($mesh);
        [$best, $least] = [30.0, \INF];
        for ($turn = self::LEAST_APART; $turn <= 90 - self::LEAST_APART; $turn += self::STEP) {
            $angle = $colours->angleDeg + $turn;
            $score = hypot(Moire::scoreOf(Moire::betweenPlates(new Halftone($colours->lpi, $angle), $colours)), $moire->score($colours->lpi, $angle));
            // Of two that are alike the one nearer to a third of a right angle, as is usual.
            if ($score + 0.001 * abs($turn - 30) < $least) {
                [$best, $least] = [$turn, $score + 0.001 * abs($turn - 30)];
            }
        }

        return fmod($colours->angleDeg + $best + 90, 90.0);
    }

    /**
     * Near which ruling, and how far turned, a fan of plates is calmest on the mesh: the loudest of them counts.
     *
     * @param list<float> $fan angles of the plates before they are turned, degrees
     *
     * @return array{float, float} lines per inch, and degrees
     */
    public static function fan(Mesh $mesh, float $lpi, array $fan): array
    {
        $moire = new Moire($mesh);
        [$best, $least] = [[$lpi, self::USUAL_TURN], \INF];
        for ($r = -self::RULINGS; $r <= self::RULINGS; ++$r) {
            $ruling = round($lpi * (1 + self::NEAR_RULING * $r / self::RULINGS), 1);
            for ($turn = 0.0; $turn < 15.0; $turn += 0.5) {
                $score = max(0.0, ...array_map(static fn (float $angle): float => $moire->score($ruling, $angle + $turn), $fan)) + 0.001 * (abs($turn - self::USUAL_TURN) + abs($ruling - $lpi));
                if ($score < $least) {
                    [$best, $least] = [[$ruling, $turn], $score];
                }
            }
        }

        return $best;
    }

    /**
     * The strongest pattern of all pairs, in a sentence.
     *
     * @param list<string>   $names  of the plates
     * @param list<Halftone> $plates
     * @param list<float>    $dark   how much each darkens what it lies on, 0–1: a pale ink’s pattern is pale; none where all do
     */
    public static function says(array $names, array $plates, array $dark = []): string
    {
        [$most, $pair, $period] = [0.0, '', 0.0];
        foreach ($plates as $i => $one) {
            for ($k = $i + 1; $k < \count($plates); ++$k) {
                $beats = Moire::betweenPlates($one, $plates[$k]);
                $score = Moire::scoreOf($beats) * min($dark[$i] ?? 1.0, $dark[$k] ?? 1.0);
                if ($score > $most) {
                    [$most, $pair, $period] = [$score, $names[$i].' and '.$names[$k], $beats[0]->periodMm ?? 0.0];
                }
            }
        }

        return match (true) {
            $most === 0.0 => 'All dots stand at one ruling and angle, set off against each other: no two plates make a pattern, but a shift changes how they overlap.',
            $most < Moire::SEEN => \sprintf('No two plates make a pattern that is seen: the strongest, %s, is %.1f %% of the ink, every %.1f mm.', $pair, $most, $period),
            default => \sprintf('%s make a pattern of %.1f %% of the ink, every %.1f mm%s.', $pair, $most, $period, $period < 2 ? ': so fine that it is texture' : ': it may be seen. Another angle for one of them is calmer'),
        };
    }
}
