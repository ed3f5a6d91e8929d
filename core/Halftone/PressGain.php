<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\NormalCurve;

/**
 * How a press prints tones, from the patches of a chart: dots spread, most at half tone, and bare and solid stay.
 *
 * printed = film + 4 film (1 − film) (g₀ + g₁ t + g₂ t² + g₃ t³) with t = 2 film − 1. The coefficients start from what is
 * usual by hand on cloth, a gain of 15 to 35 % at half tone (heuristic), and the readings make them surer. A reading that the
 * others contradict is named and left out.
 */
final class PressGain
{
    /** Gain at half tone and its shape over the tones, mean and standard deviation (heuristic). */
    private const PRIORS = ['g0' => [0.22, 0.12], 'g1' => [0.0, 0.15], 'g2' => [0.0, 0.15], 'g3' => [0.0, 0.15]];
    /** From patch to patch of one print, and of the reading, where there are too few to tell (heuristic). */
    private const SCATTER = 0.015;
    private const LEAST_SCATTER = 0.005;
    /** What all patches of one chart have in common, the light they were read in, at half tone: more patches do not mend it (standard deviation; by simulated scans). */
    private const IN_COMMON = 0.005;
    private const ENOUGH_TO_TELL = 5;
    /** So far off what the others say a reading is wild, and by so many of its standard deviations (heuristic). */
    private const WILD = 0.08;
    private const WILD_SD = 4.0;
    private const ENOUGH_TO_JUDGE = 6;
    /** More wild ones than this share are no chart. */
    private const MOST_WILD = 0.25;
    private const STEPS = 400;
    /** A curve may fall by so little between two steps: it is the noise of flat ends. */
    private const LEVEL = 5e-4;

    /** @var list<ReadTone> readings that were left out */
    public readonly array $wild;
    public readonly int $restsOn;
    public readonly float $scatter;
    private LinearBelief $belief;
    /** @var list<float> what is printed, at even steps of the film */
    private array $printed;

    /** What is usual, where no chart was read. */
    public static function assumed(): self
    {
        return new self([], true);
    }

    /**
     * @param list<ReadTone> $readings
     *
     * @throws UnusableGain where they are no tones, too few, or contradict each other
     */
    public function __construct(array $readings, bool $assumed = false)
    {
        $between = array_values(array_filter($readings, static fn (ReadTone $r): bool => $r->film > 0 && $r->film < 1));
        foreach ($readings as $i => $reading) {
            if ($reading->film < 0 || $reading->film > 1 || $reading->printed < -0.2 || $reading->printed > 1.2) {
                throw UnusableGain::at("readings[$i]", \sprintf('A tone of %.0f %% that prints as %.0f %% cannot be: tones run from 0 to 100 %%. Read that patch again.', 100 * $reading->film, 100 * $reading->printed));
            }
        }
        if (\count(array_unique(array_map(static fn (ReadTone $r): string => (string) round($r->film, 3), $between))) < 3 && !$assumed) {
            throw UnusableGain::at('readings', 'A curve needs three tones between bare and solid at the least. Read more patches of the chart.');
        }
        $this->scatter = self::scatterOf($between);
        $wild = [];
        while (($worst = $this->wildest($between)) !== null) {
            $wild[] = $between[$worst];
            array_splice($between, $worst, 1);
            if (\count($wild) > self::MOST_WILD * (\count($between) + \count($wild))) {
                throw UnusableGain::at('readings', 'The readings contradict each other: no curve goes through them. Look whether they belong to one chart and one print, and read it again.');
            }
        }
        $this->wild = $wild;
        $this->restsOn = \count($between);
        $this->belief = $this->fitted($between);
        $printed = array_map(fn (int $step): float => $this->at($step / self::STEPS)->printed, range(0, self::STEPS));
        foreach (\array_slice($printed, 1) as $i => $here) {
            if ($here < $printed[$i] - self::LEVEL) {
                throw UnusableGain::at('readings', \sprintf('Near %.0f %% darker film would print lighter: the readings there contradict each other. Read those patches again.', 100 * $i / self::STEPS));
            }
        }
        $this->printed = $printed;
    }

    /** @param float $film 0–1 */
    public function at(float $film): PrintedTone
    {
        $gain = $this->belief->predict(self::terms($film));
        $printed = $film + $gain['mean'];
        $half = NormalCurve::NINETY * hypot($gain['sd'], 4 * $film * (1 - $film) * self::IN_COMMON);

        return new PrintedTone($film, $printed, max(0.0, $printed - $half), min(1.0, $printed + $half));
    }

    /** @return float the tone on film that prints as wished, 0–1 */
    public function film(float $wished): float
    {
        $before = 0.0;
        for ($i = 1; $i <= self::STEPS; ++$i) {
            $here = $this->printed[$i];
            if ($here >= $wished) {
                $part = $here - $before < 1e-9 ? 1.0 : ($wished - $before) / ($here - $before);

                return ($i - 1 + max(0.0, min(1.0, $part))) / self::STEPS;
            }
            $before = max($before, $here);
        }

        return 1.0;
    }

    /** The curve of a film that prints every tone as it is wished. */
    public function curve(): ToneCurve
    {
        return new ToneCurve(array_map(fn (int $pct): array => [(float) $pct, round(100 * $this->film($pct / 100), 2)], range(5, 95, 5)));
    }

    /** @return list<string> a sentence for each reading that was left out */
    public function says(): array
    {
        return array_map(fn (ReadTone $w): string => \sprintf('The reading of %.0f %%, printed %.0f %%, does not fit the others, which say %.0f %%: it was left out. Read that patch again.', 100 * $w->film, 100 * $w->printed, 100 * $this->at($w->film)->printed), $this->wild);
    }

    /** @param list<ReadTone> $readings */
    private function fitted(array $readings): LinearBelief
    {
        $belief = new LinearBelief(self::PRIORS);
        foreach ($readings as $reading) {
            $belief->observe(self::terms($reading->film), $reading->printed - $reading->film, $this->scatter);
        }

        return $belief;
    }

    /**
     * @param list<ReadTone> $readings
     *
     * @return int|null which of them lies furthest from what all others say, where that is too far
     */
    private function wildest(array $readings): ?int
    {
        if (\count($readings) < self::ENOUGH_TO_JUDGE) {
            return null;
        }
        $wildest = null;
        $most = 1.0;
        $all = $this->fitted($readings);
        foreach ($readings as $i => $reading) {
            // What the others say follows from what all say and how much of that is this reading's own.
            $said = $all->predict(self::terms($reading->film));
            $others = max(1e-9, 1 - $said['weights'][$i]);
            $off = abs($reading->printed - $reading->film - $said['mean']) / $others;
            $off /= max(self::WILD, self::WILD_SD * hypot($said['sd'] / sqrt($others), $this->scatter));
            if ($off > $most) {
                $most = $off;
                $wildest = $i;
            }
        }

        return $wildest;
    }

    /** @return array<string, float> */
    private static function terms(float $film): array
    {
        $weight = 4 * $film * (1 - $film);
        $t = 2 * $film - 1;

        return ['g0' => $weight, 'g1' => $weight * $t, 'g2' => $weight * $t ** 2, 'g3' => $weight * $t ** 3];
    }

    /**
     * How copies of one patch differ: the median of their distances from their middle one, so that a slip does not count.
     *
     * @param list<ReadTone> $readings
     */
    private static function scatterOf(array $readings): float
    {
        $copies = [];
        foreach ($readings as $reading) {
            $copies[(string) round($reading->film, 3)][] = $reading->printed;
        }
        $apart = [];
        foreach ($copies as $of) {
            sort($of);
            for ($i = 1, $n = \count($of); $i < $n; ++$i) {
                $apart[] = $of[$i] - $of[$i - 1];
            }
        }
        if (\count($apart) < self::ENOUGH_TO_TELL) {
            return self::SCATTER;
        }
        sort($apart);

        // Neighbours among three copies lie 0.85 standard deviations apart in the mean, and 0.69 at the median (by simulation).
        return max(self::LEAST_SCATTER, $apart[intdiv(\count($apart), 2)] / 0.69);
    }
}
