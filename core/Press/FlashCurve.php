<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Unit\Refusal;

/**
 * The surface of an ink film under a flash and on its way round: first-order heating towards what the flash would heat it to,
 * and cooling towards the room, each with a time of its own (Newton’s law). A platen that warms up starts each piece warmer.
 */
final readonly class FlashCurve
{
    /** Gelled, not cured, °C; where it scorches; and cool enough for the next screen (trade defaults). */
    public const GELLED_C = [105.0, 120.0];
    public const SCORCH_C = 165.0;
    public const COOL_C = 50.0;
    /** A usual flash of 3 kW over 40 × 40 cm, 45 mm off, heats a usual film so fast, s; and what it would reach, °C (heuristic). */
    public const USUAL_S = 9.0;
    private const USUAL_MM = 45.0;
    private const USUAL_W_CM2 = 1.9;
    private const USUAL_REACH_C = 260.0;
    private const USUAL_FILM_UM = 60.0;
    private const COOLS_S = 6.0;

    /**
     * @param float $reachC what the surface would be heated to in the end
     * @param float $heatsS in which 63 % of the way is gone
     * @param float $coolsS the same of cooling
     * @param float $startC of the platen and the cloth
     */
    private function __construct(public float $reachC, public float $heatsS, public float $coolsS, public float $startC, public float $roomC)
    {
    }

    /**
     * @param float      $heightMm  flash over the print
     * @param float      $wattCm2   of the flash
     * @param float      $filmUm    of wet ink
     * @param float      $clothHeat of the cloth against a tee’s: fleece 1.4, a rigid panel 2
     * @param float|null $learnedS  heating time as this shop’s readings have it; null for the usual
     *
     * @throws Refusal where there is no such flash
     */
    public static function of(float $heightMm, float $wattCm2 = self::USUAL_W_CM2, float $filmUm = self::USUAL_FILM_UM, float $clothHeat = 1.0, float $startC = 30.0, float $roomC = 22.0, ?float $learnedS = null): self
    {
        if ($heightMm < 10 || $heightMm > 300) {
            throw ImpossibleFlash::at('height', \sprintf('A flash %g mm over the print %s. 35 to 60 mm is usual, more over fleece.', $heightMm, $heightMm < 10 ? 'burns the cloth' : 'hardly warms it'));
        }
        if ($wattCm2 < 0.2 || $wattCm2 > 10) {
            throw ImpossibleFlash::at('power', \sprintf('%g W for each cm² is no flash. Divide its watts by the area that it heats; 1.5 to 3 is usual.', $wattCm2));
        }
        if ($startC >= self::GELLED_C[0]) {
            throw ImpossibleFlash::at('start', \sprintf('A platen of %g °C gels ink before it is flashed. Let it cool under %g °C.', $startC, self::COOL_C));
        }
        // More height spreads the heat; more film and more cloth take longer to warm.
        $heat = ($wattCm2 / self::USUAL_W_CM2) * (self::USUAL_MM / $heightMm) ** 0.7;

        return new self(
            $roomC + (self::USUAL_REACH_C - $roomC) * $heat ** 0.5,
            ($learnedS ?? self::USUAL_S) * (0.4 + 0.6 * $filmUm / self::USUAL_FILM_UM) * $clothHeat / $heat ** 0.5,
            self::COOLS_S * (0.5 + 0.5 * $filmUm / self::USUAL_FILM_UM) * $clothHeat,
            $startC,
            $roomC,
        );
    }

    /** The same flash with a heating time of its own. */
    public static function heating(self $of, float $heatsS): self
    {
        return new self($of->reachC, $heatsS, $of->coolsS, $of->startC, $of->roomC);
    }

    /**
     * The heating time that a reading tells: so warm after so long.
     *
     * @throws Refusal where a reading cannot be
     */
    public function learned(float $seconds, float $readC): float
    {
        if ($readC <= $this->startC || $readC >= $this->reachC || $seconds <= 0) {
            throw ImpossibleFlash::at('read', \sprintf('%g °C after %g s cannot be: it starts at %g °C and would end at %g °C. Read it again, on the ink, at once.', $readC, $seconds, $this->startC, round($this->reachC)));
        }

        return -$seconds / log(($this->reachC - $readC) / ($this->reachC - $this->startC));
    }

    /** °C after so long under the flash. */
    public function heated(float $seconds): float
    {
        return $this->reachC - ($this->reachC - $this->startC) * exp(-$seconds / $this->heatsS);
    }

    /** °C so long after it left it. */
    public function cooled(float $fromC, float $seconds): float
    {
        return $this->roomC + ($fromC - $this->roomC) * exp(-$seconds / $this->coolsS);
    }

    /** Seconds under the flash until so warm; null where it never is. */
    public function until(float $celsius): ?float
    {
        return $celsius >= $this->reachC ? null : -$this->heatsS * log(($this->reachC - $celsius) / ($this->reachC - $this->startC));
    }

    /** Seconds until cool enough for the next screen. */
    public function untilCool(float $fromC): float
    {
        return $fromC <= self::COOL_C ? 0.0 : $this->coolsS * log(($fromC - $this->roomC) / (self::COOL_C - $this->roomC));
    }

    /** Shortest and longest dwell that gels and does not cure; null where the flash never gels. */
    public function dwell(): ?Dwell
    {
        $from = $this->until(self::GELLED_C[0]);
        if ($from === null) {
            return null;
        }
        $to = $this->until(self::GELLED_C[1]) ?? \INF;

        return new Dwell($from, $to, ($from + min($to, 2 * $from)) / 2, $this->until(self::SCORCH_C));
    }

    /** What so many seconds do. */
    public function does(float $seconds): string
    {
        $at = $this->heated($seconds);

        return match (true) {
            $at < self::GELLED_C[0] => 'under-flashed: the next screen lifts it',
            $at <= self::GELLED_C[1] => 'gelled',
            $at < self::SCORCH_C => 'over-flashed: the next ink does not hold on it',
            default => 'scorched',
        };
    }
}
