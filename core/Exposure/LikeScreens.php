<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** Screens so alike that one time suits them all: they are burned in one batch, one after the other. */
final readonly class LikeScreens
{
    /** So far may the times of a batch lie from its middle, ln (heuristic: an eighth; a stencil’s latitude is wider). */
    private const LIKE_LN = 0.12;

    /**
     * @param non-empty-list<int> $screens which of those that were asked about
     * @param float               $seconds the one time: the middle of their logarithms
     */
    private function __construct(public array $screens, public float $seconds)
    {
    }

    /**
     * @param list<Setting>       $settings
     * @param list<PredictedTime> $times    of them
     *
     * @return list<self> the longest time first
     */
    public static function of(array $settings, array $times): array
    {
        $order = array_keys($settings);
        usort($order, static fn (int $a, int $b): int => [self::kind($settings[$a]), $times[$b]->seconds, $a] <=> [self::kind($settings[$b]), $times[$a]->seconds, $b]);
        $batches = [];
        foreach ($order as $i) {
            $last = \count($batches) - 1;
            if ($last >= 0 && self::kind($settings[$batches[$last][0]]) === self::kind($settings[$i]) && log($times[$batches[$last][0]]->seconds / $times[$i]->seconds) <= 2 * self::LIKE_LN) {
                $batches[$last][] = $i;
            } else {
                $batches[] = [$i];
            }
        }
        $all = array_map(static fn (array $screens): self => new self($screens, exp(array_sum(array_map(static fn (int $i): float => log($times[$i]->seconds), $screens)) / \count($screens))), $batches);
        usort($all, static fn (self $a, self $b): int => $b->seconds <=> $a->seconds);

        return $all;
    }

    /**
     * Screens whose timer is set to the very same time, each of its own.
     *
     * @param list<Setting>       $settings
     * @param list<PredictedTime> $times    of them
     *
     * @return list<self> the longest time first
     */
    public static function ofOneTime(array $settings, array $times): array
    {
        $same = [];
        foreach ($settings as $i => $setting) {
            $seconds = TimerSetting::seconds($times[$i]->seconds);
            $key = $setting->lamp.' '.$seconds;
            $same[$key] = new self([...($same[$key]->screens ?? []), $i], $seconds);
        }
        $all = array_values($same);
        usort($all, static fn (self $a, self $b): int => $b->seconds <=> $a->seconds);

        return $all;
    }

    private static function kind(Setting $s): string
    {
        return serialize([$s->lamp, $s->emulsion, $s->dyed, $s->film, $s->distanceMm]);
    }
}
