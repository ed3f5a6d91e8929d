<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** The surface of an ink film under a flash and after it, as heat flows through ink, cloth and platen. */
final class FlashCurve
{
    /** Gelled, not cured, °C; where it scorches; and cool enough for the next screen (trade defaults). */
    public const GELLED_C = [105.0, 120.0];
    public const SCORCH_C = 165.0;
    public const COOL_C = 50.0;
    /** As long is looked, s: what has not gelled by then does not. */
    private const LONGEST_S = 40.0;
    private const COOLS_AT_MOST_S = 90.0;
    /** No flash of such a kind takes so many times as long as is usual, or so small a part of it; beyond UNLIKELY the other unit is likelier (heuristic). */
    private const MOST_TIMES = 5.0;
    private const UNLIKELY = 2.0;

    /** @var list<float> °C at each step, from the start */
    private array $heats;
    /** @var array<array-key, list<float>> °C at each step after so many seconds under the flash */
    private array $cools = [];

    /**
     * @param float $times heating time against the usual of such a flash, as readings of this shop have it: so many times less heat is taken up
     *
     * @throws ImpossibleFlash where nothing can be flashed so
     */
    public function __construct(
        private readonly FlashUnit $unit,
        private readonly float $filmUm = 60.0,
        private readonly Underlay $under = new Underlay(0.55, 0.06, 0.42e6),
        public readonly float $startC = 30.0,
        private readonly float $roomC = 22.0,
        private readonly float $times = 1.0,
    ) {
        if ($startC >= self::GELLED_C[0]) {
            throw ImpossibleFlash::at('platen', \sprintf('A platen of %g °C gels ink before it is flashed. Let it cool under %g °C.', $startC, self::COOL_C));
        }
        if ($filmUm <= 0) {
            throw ImpossibleFlash::at('film', 'There is no film of ink to flash. Give its thickness.');
        }
        $flow = $this->flow();
        $onInk = $unit->onInk() / $times;
        $this->heats = [$startC];
        for ($s = 0.0; $s < self::LONGEST_S; $s += HeatFlow::STEP_S) {
            $flow->step($onInk);
            $this->heats[] = $flow->surfaceC($onInk);
        }
    }

    /**
     * The heating time that a reading tells, against the usual: so warm after so long.
     *
     * @throws ImpossibleFlash where a reading cannot be
     */
    public function learned(float $seconds, float $readC): float
    {
        $times = $this->timesOf($seconds, $readC);
        $likely = static fn (?float $of): bool => $of !== null && abs(log($of)) < log(self::UNLIKELY);
        if ($likely($times)) {
            return $times ?? 1.0;
        }
        $celsius = ($readC - 32) / 1.8;
        $fahrenheit = 1.8 * $readC + 32;
        $other = match (true) {
            $likely($this->timesOf($seconds, $celsius)) => \sprintf(' If that was read in °F, it is %.0f °C.', $celsius),
            $likely($this->timesOf($seconds, $fahrenheit)) => \sprintf(' If it was read in °C and taken for °F, it was %.0f °C.', $fahrenheit),
            default => '',
        };

        return $times !== null && $other === '' ? $times : throw ImpossibleFlash::at('celsius', \sprintf('%.0f °C after %g s is hardly so: this flash would have the ink at about %.0f °C then.%s Read it again, on the ink, at once.', $readC, $seconds, $this->heated($seconds), $other));
    }

    /** null where no flash of such a kind heats so. */
    private function timesOf(float $seconds, float $readC): ?float
    {
        [$low, $high] = [1 / self::MOST_TIMES, self::MOST_TIMES];
        $at = fn (float $times): float => (new self($this->unit, $this->filmUm, $this->under, $this->startC, $this->roomC, times: $times))->heated($seconds);
        if ($seconds <= 0 || $readC > $at($low) || $readC < $at($high)) {
            return null;
        }
        for ($k = 0; $k < 14; ++$k) {
            $middle = sqrt($low * $high);
            [$low, $high] = $at($middle) > $readC ? [$middle, $high] : [$low, $middle];
        }

        return sqrt($low * $high);
    }

    /** °C after so long under the flash. */
    public function heated(float $seconds): float
    {
        return self::at($this->heats, $seconds);
    }

    /** °C so long after it left the flash, where it was under it for so long. */
    public function cooled(float $dwellS, float $seconds): float
    {
        return $seconds <= 0 ? $this->heated($dwellS) : self::at($this->cools($dwellS), $seconds);
    }

    /** Seconds under the flash until so warm; null where it never is. */
    public function until(float $celsius): ?float
    {
        return self::first($this->heats, $celsius, 1);
    }

    /** Seconds until cool enough for the next screen. */
    public function untilCool(float $dwellS): float
    {
        return $this->heated($dwellS) <= self::COOL_C ? 0.0 : self::first($this->cools($dwellS), self::COOL_C, -1) ?? self::COOLS_AT_MOST_S;
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
            $at < self::GELLED_C[0] => 'under-flashed: the next screen picks it up',
            $at <= self::GELLED_C[1] => 'gelled',
            $at < self::SCORCH_C => 'over-flashed: the next ink does not hold on it',
            default => 'scorched',
        };
    }

    private function flow(): HeatFlow
    {
        return new HeatFlow($this->filmUm, $this->under, $this->startC, $this->roomC);
    }

    /** @return list<float> */
    private function cools(float $dwellS): array
    {
        return $this->cools[\sprintf('%.1f', $dwellS)] ??= $this->afterwards($dwellS);
    }

    /** @return list<float> */
    private function afterwards(float $dwellS): array
    {
        $flow = $this->flow();
        $onInk = $this->unit->onInk() / $this->times;
        for ($s = 0.0; $s < $dwellS - HeatFlow::STEP_S / 2; $s += HeatFlow::STEP_S) {
            $flow->step($onInk);
        }
        $warm = [$this->heated($dwellS)];
        while ($warm[\count($warm) - 1] > self::COOL_C && \count($warm) * HeatFlow::STEP_S < self::COOLS_AT_MOST_S) {
            $flow->step(0.0);
            $warm[] = $flow->surfaceC(0.0);
        }

        return $warm;
    }

    /** @param list<float> $warm */
    private static function at(array $warm, float $seconds): float
    {
        $last = \count($warm) - 1;
        $i = max(0.0, min((float) $last, $seconds / HeatFlow::STEP_S));
        $from = min($last, (int) $i);

        return $warm[$from] + ($i - $from) * ($warm[min($last, $from + 1)] - $warm[$from]);
    }

    /**
     * @param list<float> $warm
     * @param int         $way  1 where it rises, -1 where it falls
     */
    private static function first(array $warm, float $celsius, int $way): ?float
    {
        foreach ($warm as $i => $here) {
            if ($way * ($here - $celsius) >= 0) {
                $before = $warm[max(0, $i - 1)];

                return HeatFlow::STEP_S * ($i === 0 ? 0.0 : $i - 1 + ($celsius - $before) / ($here - $before));
            }
        }

        return null;
    }
}
