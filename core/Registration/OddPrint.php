<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * A print that lies elsewhere than all the others: it was loaded askew, or read wrongly. Of two that disagree nobody knows which.
 * It is told, not left out: only the hand at the press knows.
 *
 * @phpstan-import-type Shift from SharedFit
 */
final readonly class OddPrint
{
    /** Standard errors off the others from which a print is odd, and the least distance, mm (heuristic: good loading stays under it). */
    private const SIGMAS = 5.0;
    private const LEAST_MM = 0.3;
    /** Where nobody has measured how this press scatters, mm each way. */
    private const USUAL_MM = 0.05;

    /**
     * @param int|null $print its place among the prints, from nought; null where two disagree and nobody knows which is right
     * @param float    $offMm from the others
     */
    private function __construct(public ?int $print, public float $offMm, private int $prints, private float $scatterMm)
    {
    }

    /**
     * @param list<list<Reading>> $prints
     * @param float|null          $known  how this press scatters, mm each way
     */
    public static function among(array $prints, ?float $known): ?self
    {
        $shifts = SharedFit::of($prints)->shifts;
        $count = \count($shifts);
        $odd = null;
        foreach ($count < 2 ? [] : array_keys($shifts) as $i) {
            $others = $shifts;
            [$here] = array_splice($others, $i, 1);
            [$x, $y] = self::mean($others);
            $scatter = max($known ?? self::USUAL_MM, self::scatter($others, $x, $y));
            $off = hypot($here[0] - $x, $here[1] - $y);
            // The mean of few others is itself unsure.
            $most = max(self::LEAST_MM, self::SIGMAS * $scatter * sqrt(1 + 1 / ($count - 1)));
            if ($off > $most && $off > ($odd->offMm ?? 0.0)) {
                $odd = new self($count > 2 ? $i : null, $off, $count, $scatter);
            }
        }

        return $odd;
    }

    public function says(): string
    {
        return $this->print === null
            ? \sprintf('The two prints lie %.2f mm apart; this press scatters by %.2f mm. One of them was loaded elsewhere or read wrongly: print a third and read it before you turn a knob.', $this->offMm, $this->scatterMm)
            : \sprintf('Print %d lies %.2f mm from %s: it was loaded elsewhere or read wrongly. Leave it out, or read it again, before you turn a knob.', $this->print + 1, $this->offMm, $this->prints === 3 ? 'the two others' : 'all the others');
    }

    /**
     * @param list<Shift> $shifts
     *
     * @return Shift
     */
    private static function mean(array $shifts): array
    {
        return [array_sum(array_column($shifts, 0)) / \count($shifts), array_sum(array_column($shifts, 1)) / \count($shifts)];
    }

    /** @param list<Shift> $shifts */
    private static function scatter(array $shifts, float $x, float $y): float
    {
        $sum = 0.0;
        foreach ($shifts as [$right, $away]) {
            $sum += ($right - $x) ** 2 + ($away - $y) ** 2;
        }

        return \count($shifts) < 2 ? 0.0 : sqrt($sum / 2 / (\count($shifts) - 1));
    }
}
