<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

/**
 * What so many pieces of a job cost, part by part, and what is asked for them. Every part is rounded to whole cents and the sum is
 * the sum of what is shown; a price is rounded up, so that many pieces are never sold below their sum.
 */
final readonly class Estimate
{
    /** Ink that stays in a screen and its pot, g (heuristic). */
    public const STAYS_G = 40.0;
    private const MOST_PIECES = 1_000_000;

    /**
     * @param list<CostLine> $lines
     * @param int            $lowCents of the cost nine times in ten, by how sure pace and spoilage are
     * @param int            $spares   garments more than ordered
     */
    private function __construct(public int $pieces, public array $lines, public int $costCents, public int $lowCents, public int $highCents, public int $eachCents, public int $totalCents, public float $minutes, public int $spares)
    {
    }

    /** @throws ImpossiblePrice where nothing is printed */
    public static function of(JobToPrice $job, Rates $rates, int $pieces, LearnedRates $learned = new LearnedRates()): self
    {
        if ($pieces < 1 || $pieces > self::MOST_PIECES) {
            throw ImpossiblePrice::at('pieces', $pieces < 1 ? 'A price is for one piece at the least. Say how many are printed.' : \sprintf('%d pieces are more than one run. Price up to %d at once.', $pieces, self::MOST_PIECES));
        }
        if ($job->screens < 1) {
            throw ImpossiblePrice::at('screens', 'Nothing is printed without a screen, so there is no price yet. Separate the art first.');
        }
        $lines = self::lines($job, $rates, $pieces, $learned->pace, $learned->spoiled($rates->spoiled));
        $cost = self::sum($lines);
        // Pace and spoilage err apart from each other.
        $away = static fn (float $pace, float $spoiled): int => self::sum(self::lines($job, $rates, $pieces, $pace, $spoiled)) - $cost;
        $low = hypot($away($learned->paceLow, $learned->spoiled($rates->spoiled)), $away($learned->pace, $learned->spoiledLow($rates->spoiled)));
        $high = hypot($away($learned->paceHigh, $learned->spoiled($rates->spoiled)), $away($learned->pace, $learned->spoiledHigh($rates->spoiled)));
        $each = (int) ceil($cost * (1 + $rates->margin) / $pieces - 1e-9);

        return new self(
            $pieces,
            $lines,
            $cost,
            (int) round($cost - $low),
            (int) round($cost + $high),
            $each,
            totalCents: $each * $pieces,
            minutes: array_sum(array_map(static fn (CostLine $l): float => $l->minutes ?? 0.0, $lines)),
            spares: self::spares($pieces, $learned->spoiled($rates->spoiled)),
        );
    }

    /**
     * The price by how many are ordered: a curve that never asks more for more pieces.
     *
     * @return list<PriceAt>
     */
    public static function curve(JobToPrice $job, Rates $rates, int $pieces, LearnedRates $learned = new LearnedRates()): array
    {
        $many = array_unique([6, 12, 24, 36, 48, 72, 96, 144, 200, 288, 500, 750, 1000, max(1, $pieces)]);
        sort($many);

        return array_map(static function (int $n) use ($job, $rates, $learned): PriceAt {
            $one = self::of($job, $rates, $n, $learned);

            return new PriceAt($n, $one->eachCents, $one->totalCents);
        }, $many);
    }

    /** @return list<CostLine> */
    private static function lines(JobToPrice $job, Rates $rates, int $pieces, float $pace, float $spoiled): array
    {
        $printed = $pieces + self::spares($pieces, $spoiled);
        $screens = $job->screens;
        $work = static fn (string $what, float $minutes, string $says, int $hands = 1, int $press = 0): CostLine => new CostLine($what, $minutes, (int) round($minutes / 60 * ($hands * $rates->hourCents + $press)), $says);
        $setUp = $screens * $rates->setUpMinutes + $rates->strikeOffMinutes;
        $lines = [
            $work('Art and separation', $rates->artMinutes, \sprintf('%.0f min', $rates->artMinutes)),
            new CostLine('Films', null, (int) round($job->filmM2 * $rates->filmCentsPerM2), \sprintf('%.2f m²', $job->filmM2)),
            new CostLine('Mesh and emulsion', null, (int) round($screens * $rates->screenCents + $job->emulsionMl / 1000 * $rates->emulsionCentsPerL), \sprintf('%d %s, %.0f ml of emulsion', $screens, $screens === 1 ? 'screen' : 'screens', $job->emulsionMl)),
            $work('Making the screens', $screens * $rates->screenMinutes, \sprintf('%d × %.0f min', $screens, $rates->screenMinutes)),
            $work('Setting up', $setUp, \sprintf('%d × %.0f min and %.0f min of strike-off', $screens, $rates->setUpMinutes, $rates->strikeOffMinutes), press: $rates->pressHourCents),
            $work('Printing', $printed * $job->secondsAPiece * $pace / 60, \sprintf('%d pieces at %.0f s%s', $printed, $job->secondsAPiece * $pace, $job->hands > 1 ? \sprintf(', %d hands', $job->hands) : ''), $job->hands, $rates->pressHourCents),
            new CostLine('Ink', null, (int) round(($printed * $job->gramsAPiece + $screens * self::STAYS_G) / 1000 * $rates->inkCentsPerKg), \sprintf('%d × %.1f g and %.0f g that stay in screens and pots', $printed, $job->gramsAPiece, $screens * self::STAYS_G)),
        ];
        if ($rates->garmentCents > 0) {
            $lines[] = new CostLine('Garments', null, $printed * $rates->garmentCents, \sprintf('%d, of them %d to spare', $printed, $printed - $pieces));
        }

        return $lines;
    }

    private static function spares(int $pieces, float $spoiled): int
    {
        return (int) ceil($pieces * $spoiled - 1e-9);
    }

    /** @param list<CostLine> $lines */
    private static function sum(array $lines): int
    {
        return array_sum(array_map(static fn (CostLine $l): int => $l->cents, $lines));
    }
}
