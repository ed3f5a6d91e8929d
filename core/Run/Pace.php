<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/**
 * The pace of a run: what was reckoned, drawn by each piece towards what the press does. As a mean of times with a prior that
 * counts as much as some pieces; the interval from how cycles scatter.
 */
final readonly class Pace
{
    /** The rhythm that was reckoned counts as much as so many pieces (heuristic). */
    private const PRIOR_PIECES = 12;
    /** Cycles of one run scatter by this share of their mean (heuristic), and the reckoned rhythm is off by this. */
    private const SCATTER = 0.35;
    private const PRIOR_SD = 0.2;
    private const NINETY = 1.645;

    /**
     * @param float $seconds a piece, 0 where nothing is known
     * @param float $realS   the same by the press alone; 0 where nothing was timed
     */
    private function __construct(public float $seconds, public float $low, public float $high, public int $measured, public float $realS)
    {
    }

    /**
     * @param float $reckonedS seconds a piece, 0 where none were reckoned
     * @param int   $pieces    printed, without the first, which nothing timed
     * @param float $ranS      how long the press ran for them
     */
    public static function of(float $reckonedS, int $pieces, float $ranS): self
    {
        $prior = $reckonedS > 0 ? self::PRIOR_PIECES : 0;
        if ($prior + $pieces === 0) {
            return new self(0.0, 0.0, 0.0, 0, 0.0);
        }
        $seconds = ($prior * $reckonedS + $ranS) / ($prior + $pieces);
        $share = self::NINETY * sqrt((self::PRIOR_SD * $prior / ($prior + $pieces)) ** 2 + self::SCATTER ** 2 * $pieces / ($prior + $pieces) ** 2);

        return new self($seconds, $seconds * (1 - $share), $seconds * (1 + $share), $pieces, $pieces > 0 ? $ranS / $pieces : 0.0);
    }

    /** Of a piece, where what was timed are its colours one by one. */
    public function times(int $colours): self
    {
        return new self($colours * $this->seconds, $colours * $this->low, $colours * $this->high, $this->measured, $colours * $this->realS);
    }
}
