<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

use Ektype\Core\Exposure\TimerSetting;
use Ektype\Core\Exposure\UnusableTest;

/**
 * A step test before it is run: so many strips in equal steps, the time that is expected in their middle. All strips lie
 * open at first; after each step one more is covered, so that strip k is given k steps.
 */
final readonly class StepPlan
{
    public const FEWEST = 4;
    public const MOST = 12;
    public const USUAL = 7;
    /** A strip must differ from the next by more than an eye’s error of a twentieth (heuristic). */
    private const LEAST_STEP = 0.06;
    private const SHORTEST_S = 0.5;
    private const LONGEST_S = 7200.0;

    /** @param list<StripTime> $strips shortest first */
    private function __construct(public float $incrementS, public float $firstS, public array $strips, public float $startLossS)
    {
    }

    /**
     * Equal steps with the expected time in the middle, so many strips as what is unsure asks for.
     *
     * @param float    $expectedS  as it is reckoned
     * @param float    $lowS       of it, nine times in ten
     * @param float    $startLossS what each burn falls short while the lamp comes up
     * @param int|null $strips     null for as many as it takes
     *
     * @throws UnusableTest where there is no such test
     */
    public static function around(float $expectedS, float $lowS, float $highS, float $startLossS = 0.0, ?int $strips = null): self
    {
        if (!($expectedS > 0) || $expectedS > self::LONGEST_S) {
            throw UnusableTest::at('expected', \sprintf('%g s cannot be expected of a stencil. Give 1 s to 2 hours, or leave it out for a usual time.', $expectedS));
        }
        // N steps from e / ((N + 1) / 2) reach from 2 / (N + 1) of it to nearly its double; more strips, finer steps.
        $reach = max(1.0, $expectedS / max(1e-9, $lowS), $highS / $expectedS);
        $count = $strips ?? (int) max(self::FEWEST + 1, min(self::MOST - 2, round(self::USUAL + 2 * log($reach / 1.5))));
        $middle = ($count + 1) / 2;

        return self::equal(TimerSetting::seconds($expectedS / $middle), $count, 0.0, $startLossS);
    }

    /**
     * A finer ladder: a first burn for all strips, then equal steps.
     *
     * @param float $firstS given to all strips at once before the steps begin; 0 for none
     *
     * @throws UnusableTest
     */
    public static function equal(float $incrementS, int $strips, float $firstS = 0.0, float $startLossS = 0.0): self
    {
        if ($strips < self::FEWEST || $strips > self::MOST) {
            throw UnusableTest::at('strips', \sprintf('%d strips are %s. Take %d to %d.', $strips, $strips < self::FEWEST ? 'too few to find the best between two worse ones' : 'more than fit under one film', self::FEWEST, self::MOST));
        }
        if (!($incrementS >= self::SHORTEST_S) || $incrementS > self::LONGEST_S) {
            throw UnusableTest::at('increment', \sprintf('Steps of %g s cannot be kept by hand. Take half a second to two hours; where the lamp is too fast, stand it further off or turn it down.', $incrementS));
        }
        if ($firstS < 0) {
            throw UnusableTest::at('first', 'A first burn cannot be shorter than none. Give its seconds, or leave it out.');
        }
        if ($incrementS <= $startLossS) {
            throw UnusableTest::at('increment', \sprintf('Steps of %g s are over before the lamp is up, which takes %g s of each. Take longer ones, or a filter film and one burn.', $incrementS, $startLossS));
        }
        if ($incrementS / ($firstS + $strips * $incrementS) < self::LEAST_STEP) {
            throw UnusableTest::at('increment', \sprintf('Steps of %g s on top of %g s cannot be told apart by eye. Take longer steps, or a shorter first burn.', $incrementS, $firstS));
        }
        $times = [];
        for ($k = 1; $k <= $strips; ++$k) {
            $gets = $firstS + $k * $incrementS;
            $burns = $k + ($firstS > 0 ? 1 : 0);
            $times[] = new StripTime($k, $gets, $burns, $gets - ($burns - 1) * $startLossS);
        }

        return new self($incrementS, $firstS, $times, $startLossS);
    }

    public function totalS(): float
    {
        return $this->strips[\count($this->strips) - 1]->getsS;
    }

    /** What to do, in the order in which it is done: each step with what is covered after it. */
    public function says(): string
    {
        return \sprintf(
            '%d strips in steps of %s%s: strip 1 gets %s, strip %d %s.%s',
            \count($this->strips),
            TimerSetting::words($this->incrementS),
            $this->firstS > 0 ? \sprintf(' after %s for all', TimerSetting::words($this->firstS)) : '',
            TimerSetting::words($this->strips[0]->getsS),
            \count($this->strips),
            TimerSetting::words($this->totalS()),
            $this->startLossS > 0 ? \sprintf(' The lamp loses %g s at each start, so the last strip counts as %s.', $this->startLossS, TimerSetting::words($this->strips[\count($this->strips) - 1]->countsAsS)) : '',
        );
    }

    /** What to test next when every strip was lost, or every one closed: double, or half. */
    public function shifted(bool $allLost): self
    {
        $factor = $allLost ? 2.0 : 0.5;

        return self::equal(max(self::SHORTEST_S, $this->incrementS * $factor), \count($this->strips), $this->firstS * $factor, $this->startLossS);
    }
}
