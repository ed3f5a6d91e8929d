<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/**
 * What a step test told: the right time lies between two strips, or only beyond one of them.
 * A low limit alone comes from slime at that time, a high limit alone from lines closed at that time.
 */
final readonly class TestReading
{
    /**
     * @param float|null $lowS       longest strip that was still under
     * @param float|null $bestS      the best strip
     * @param float|null $highS      shortest strip that was already over
     * @param float|null $incrementS strips of so many burns of this length each; null where each was one burn
     *
     * @throws UnusableTest where it tells nothing or contradicts itself
     */
    public function __construct(
        public Setting $setting,
        public ?float $lowS,
        public ?float $bestS,
        public ?float $highS,
        public ?float $incrementS = null,
    ) {
        if ($lowS === null && $bestS === null && $highS === null) {
            throw UnusableTest::because('The test has no time that was read from it, so nothing can be learned. Read its strips and give at least one.');
        }
        foreach (['low' => $lowS, 'best' => $bestS, 'high' => $highS] as $which => $time) {
            if ($time !== null && !($time > 0)) {
                throw UnusableTest::at($which, \sprintf('A strip of %g s saw no light, so it tells nothing of the time. Give the seconds that it was burned.', $time));
            }
        }
        if ($lowS !== null && $highS !== null && $lowS > $highS) {
            throw UnusableTest::at(
                'low',
                \sprintf('The low limit of %g s lies above the high limit of %g s. Swap them, or read the strips again.', $lowS, $highS),
            );
        }
        if ($bestS !== null && ($bestS < ($lowS ?? $bestS) || $bestS > ($highS ?? $bestS))) {
            throw UnusableTest::at(
                'best',
                \sprintf('The best strip of %g s does not lie between the limits. Read the strips again.', $bestS),
            );
        }
        if ($incrementS !== null && !($incrementS > $setting->startLossS)) {
            throw UnusableTest::at('increment', \sprintf('Burns of %g s are over before the lamp is up, which takes %g s of each. Test with longer ones.', $incrementS, $setting->startLossS));
        }
    }

    /**
     * One burn through a film whose fields let known shares of the light pass: a field of 0.5 is a strip of half the time.
     *
     * @param float      $burnedS seconds of the one burn
     * @param float|null $low     share of the field that was still under
     * @param float|null $best    share of the best field
     * @param float|null $high    share of the field that was already over
     *
     * @throws UnusableTest where a share is none
     */
    public static function throughFilters(Setting $setting, float $burnedS, ?float $low, ?float $best, ?float $high): self
    {
        $s = $setting->startLossS;
        $times = [];
        foreach (['low' => $low, 'best' => $best, 'high' => $high] as $which => $share) {
            if ($share !== null && ($share <= 0 || $share > 1)) {
                throw UnusableTest::at($which, \sprintf('A field cannot let %g of the light pass: a filter’s share lies above 0 and is 1 at most. Read it off the film’s edge.', $share));
            }
            // The lamp comes up once, whatever the field: a field of half the light is one burn of half the light’s length.
            $times[] = $share === null ? null : $s + ($burnedS - $s) * $share;
        }

        return new self($setting, $times[0], $times[1], $times[2]);
    }

    /**
     * The one burn that gives as much light as a strip’s several: each burn after the first loses the lamp’s start again.
     *
     * @param float $stripS what the strip was given in all, s
     */
    public function oneBurnS(float $stripS): float
    {
        $burns = $this->incrementS === null ? 1.0 : max(1.0, $stripS / $this->incrementS);

        return $stripS - ($burns - 1) * $this->setting->startLossS;
    }

    public function isOneSided(): bool
    {
        return $this->bestS === null && ($this->lowS === null || $this->highS === null);
    }
}
