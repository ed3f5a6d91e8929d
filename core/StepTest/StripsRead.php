<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

use Ektype\Core\Exposure\TimerSetting;
use Ektype\Core\Exposure\UnusableTest;

/**
 * The best strip of a step test, from what each shows: it keeps the finest line of stencil and has the finest line open;
 * of several, the longer. The right time lies between the longest strip that was still under and the shortest already over.
 */
final readonly class StripsRead
{
    private function __construct(
        public ?float $lowS,
        public ?float $bestS,
        public ?float $highS,
        /** Which strip is best, from 1; null where all are lost or all closed. */
        public ?int $best,
        public bool $allLost,
        public bool $allClosed,
        /** Whether the strips contradict each other, so that somebody must look again. */
        public bool $unsure,
        public string $says,
    ) {
    }

    /**
     * @param list<StripSeen> $strips shortest first
     *
     * @throws UnusableTest where they are out of order or none
     */
    public static function of(array $strips): self
    {
        self::mustBeOrdered($strips);
        $count = \count($strips);
        $lost = array_map(static fn (StripSeen $s): bool => $s->slime || ($s->positiveLine === null && $s->dot === null), $strips);
        $closed = array_map(static fn (StripSeen $s): bool => $s->reverseLine === null && $s->hole === null, $strips);
        if (!\in_array(false, $lost, true)) {
            $longest = $strips[$count - 1]->seconds;

            return new self($longest, null, null, null, true, false, unsure: false, says: \sprintf('Every strip washed away or is slimy: %s is still too little. Test again with twice the steps.', TimerSetting::words($longest)));
        }
        if (!\in_array(false, $closed, true)) {
            $shortest = $strips[0]->seconds;

            return new self(null, null, $shortest, null, false, true, unsure: false, says: \sprintf('Every strip is closed: %s is already too much. Test again with half the steps.', TimerSetting::words($shortest)));
        }
        [$under, $over] = [self::under($strips), self::over($strips)];
        // Keeps the finest at both ends; of several, the longer.
        $coarse = self::coarse($strips);
        $best = null;
        $least = \PHP_INT_MAX;
        foreach ($strips as $i => $strip) {
            if (!$lost[$i] && !$closed[$i] && $coarse[$i] <= $least) {
                [$best, $least] = [$i, $coarse[$i]];
            }
        }
        if ($best === null) {
            return new self(self::last($strips, $lost), null, self::first($strips, $closed), null, false, false, unsure: true, says: 'No strip keeps its lines and has the fine ones open too: that is contact or a weak film rather than the time. Mend the contact and test again.');
        }
        $low = $high = null;
        foreach ($strips as $i => $strip) {
            if ($i < $best && $under[$i] > $under[$best]) {
                $low = $strip->seconds;
            }
            if ($i > $best && $high === null && $over[$i] > $over[$best]) {
                $high = $strip->seconds;
            }
        }
        $turned = false;
        foreach ($strips as $i => $strip) {
            $turned = $turned || ($i > $best && $under[$i] > $under[$best] + 1) || ($i < $best && $over[$i] > $over[$best] + 1);
        }
        $unsure = $turned || self::contradicts($under, $best, -1) || self::contradicts($over, $best, 1) || ($low === null && $high === null);

        return new self($low, $strips[$best]->seconds, $high, $best + 1, false, false, unsure: $unsure, says: self::reason($strips[$best], $low, $high, $unsure));
    }

    /**
     * So many steps of fineness that each strip has lost for want of light, against the best of all.
     *
     * @param list<StripSeen> $strips
     *
     * @return list<int>
     */
    private static function under(array $strips): array
    {
        $lines = self::steps(array_map(static fn (StripSeen $s): ?float => $s->positiveLine, $strips), TestFilm::LINES_MM);
        $dots = self::steps(array_map(static fn (StripSeen $s): ?float => $s->dot, $strips), TestFilm::DOTS_MM);

        return array_map(static fn (int $a, int $b, StripSeen $s): int => max($a, $b) + ($s->slime ? 20 : 0), $lines, $dots, $strips);
    }

    /**
     * The same for too much light.
     *
     * @param list<StripSeen> $strips
     *
     * @return list<int>
     */
    private static function over(array $strips): array
    {
        $lines = self::steps(array_map(static fn (StripSeen $s): ?float => $s->reverseLine, $strips), TestFilm::LINES_MM);
        $holes = self::steps(array_map(static fn (StripSeen $s): ?float => $s->hole, $strips), TestFilm::DOTS_MM);

        return array_map(static fn (int $a, int $b): int => max($a, $b), $lines, $holes);
    }

    /**
     * How coarse the finest is that each strip holds at both ends, lines and dots together, in steps of the film.
     *
     * @param list<StripSeen> $strips
     *
     * @return list<int>
     */
    private static function coarse(array $strips): array
    {
        $lines = array_filter($strips, static fn (StripSeen $s): bool => $s->positiveLine !== null || $s->reverseLine !== null) !== [];
        $dots = array_filter($strips, static fn (StripSeen $s): bool => $s->dot !== null || $s->hole !== null) !== [];

        return array_map(
            static fn (StripSeen $s): int => ($lines ? max(self::on($s->positiveLine, TestFilm::LINES_MM), self::on($s->reverseLine, TestFilm::LINES_MM)) : 0)
                + ($dots ? max(self::on($s->dot, TestFilm::DOTS_MM), self::on($s->hole, TestFilm::DOTS_MM)) : 0)
                + ($s->slime ? 20 : 0),
            $strips,
        );
    }

    /** @param list<float> $scale finest first */
    private static function on(?float $size, array $scale): int
    {
        foreach ($scale as $step => $at) {
            if ($size !== null && $size <= $at + 1e-6) {
                return $step;
            }
        }

        return \count($scale);
    }

    /**
     * @param list<float|null> $sizes
     * @param list<float>      $scale finest first
     *
     * @return list<int> steps coarser than the finest of all; none where nobody looked
     */
    private static function steps(array $sizes, array $scale): array
    {
        $told = array_filter($sizes, static fn (?float $s): bool => $s !== null);
        if ($told === []) {
            return array_map(static fn (?float $_): int => 0, $sizes);
        }
        $finest = min(array_map(static fn (?float $size): int => self::on($size, $scale), $told));

        return array_map(static fn (?float $size): int => self::on($size, $scale) - $finest, $sizes);
    }

    /**
     * Whether, going away from the best strip, it becomes better again by more than one step.
     *
     * @param list<int> $misses
     */
    private static function contradicts(array $misses, int $best, int $way): bool
    {
        $worst = $misses[$best];
        for ($i = $best + $way; $i >= 0 && $i < \count($misses); $i += $way) {
            if ($misses[$i] < $worst - 1) {
                return true;
            }
            $worst = max($worst, $misses[$i]);
        }

        return false;
    }

    private static function reason(StripSeen $best, ?float $low, ?float $high, bool $unsure): string
    {
        $keeps = \sprintf(
            'The strip of %s keeps the stencil line of %s and the open line of %s%s.',
            TimerSetting::words($best->seconds),
            $best->positiveLine === null ? 'none' : $best->positiveLine.' mm',
            $best->reverseLine === null ? 'none' : $best->reverseLine.' mm',
            $best->raggedEdge ? ', with ragged edges: look at the contact' : '',
        );

        return implode(' ', array_filter([
            $keeps,
            $low === null ? 'No shorter strip was worse, so a shorter time may do as well.' : \sprintf('At %s fine detail was lost.', TimerSetting::words($low)),
            $high === null ? 'No longer strip was worse, so a longer time may do as well.' : \sprintf('At %s fine lines had closed.', TimerSetting::words($high)),
            $unsure ? 'The strips contradict each other: read them again, dry and with a loupe.' : '',
        ], static fn (string $s): bool => $s !== ''));
    }

    /**
     * @param list<StripSeen> $strips
     * @param list<bool>      $which
     */
    private static function last(array $strips, array $which): ?float
    {
        $found = null;
        foreach ($strips as $i => $strip) {
            $found = $which[$i] ? $strip->seconds : $found;
        }

        return $found;
    }

    /**
     * @param list<StripSeen> $strips
     * @param list<bool>      $which
     */
    private static function first(array $strips, array $which): ?float
    {
        foreach ($strips as $i => $strip) {
            if ($which[$i]) {
                return $strip->seconds;
            }
        }

        return null;
    }

    /** @param list<StripSeen> $strips */
    private static function mustBeOrdered(array $strips): void
    {
        if (\count($strips) < 2) {
            throw UnusableTest::at('strips', 'One strip has no neighbours, so it cannot be told whether it is the best. Read at least two.');
        }
        foreach ($strips as $i => $strip) {
            if (!($strip->seconds > 0)) {
                throw UnusableTest::at("strips[$i].seconds", \sprintf('A strip of %g s saw no light. Give the seconds that it was burned.', $strip->seconds));
            }
            if ($i > 0 && $strip->seconds <= $strips[$i - 1]->seconds) {
                throw UnusableTest::at("strips[$i].seconds", \sprintf('Strip %d of %g s does not follow the one of %g s. Give the strips from the shortest to the longest.', $i + 1, $strip->seconds, $strips[$i - 1]->seconds));
            }
        }
    }
}
