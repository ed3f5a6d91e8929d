<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** Seconds of light with their 90 % interval, the tests that they rest on, and how they came about. */
final readonly class PredictedTime
{
    /**
     * @param list<int>            $restsOn indices of the tests
     * @param list<TimePart>       $parts   each term as a factor on the time
     * @param array<string, float> $shares  what makes it unsure: cause => share of the variance of ln T, 0 to 1, largest first
     * @param list<Surprise>       $doubts  tests among those that disagree
     */
    public function __construct(
        public float $seconds,
        public float $lowS,
        public float $highS,
        public array $restsOn,
        public array $parts,
        public array $shares = [],
        public array $doubts = [],
    ) {
    }

    /** The same, burned for another time: that of a batch. */
    public function set(float $seconds): self
    {
        return new self($seconds, $this->lowS, $this->highS, $this->restsOn, $this->parts, $this->shares, doubts: $this->doubts);
    }

    /** In a sentence or two: how sure it is, why not surer, and which tests contradict. */
    public function says(): string
    {
        return trim($this->sure().' '.match (\count($this->doubts)) {
            0 => '',
            1 => \sprintf('Test %d disagrees with the others. %s', $this->doubts[0]->test + 1, $this->doubts[0]->says()),
            default => \sprintf(
                'Tests %s contradict each other or the rest, so the time stays wide until one is read again or set aside.',
                implode(' and ', array_map(static fn (Surprise $one): string => (string) ($one->test + 1), $this->doubts)),
            ),
        });
    }

    /** How sure it is, and why not surer. */
    public function sure(): string
    {
        $spread = 100 * (sqrt($this->highS / $this->lowS) - 1);
        $cause = array_key_first($this->shares);
        if ($this->restsOn === []) {
            return \sprintf(
                'No step test of this shop speaks of it: the usual time of the trade, anywhere from %s to %s. Make a step test before a screen that counts.',
                TimerSetting::words($this->lowS),
                TimerSetting::words($this->highS),
            );
        }

        return \sprintf(
            '%s, %s; it is unsure mostly by the %s.',
            TimerSetting::words($this->seconds),
            $spread > 60 ? \sprintf('but it may lie anywhere from %s to %s', TimerSetting::words($this->lowS), TimerSetting::words($this->highS)) : \sprintf('give or take %.0f %%', $spread),
            $cause ?? 'readings',
        );
    }
}
