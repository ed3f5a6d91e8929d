<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** When the press ran and when it stood, out of what was told in order. */
final readonly class RunTimes
{
    /** A gap longer than this beyond what the pieces take was a stop that nobody told, s (heuristic). */
    private const UNTOLD_S = 300.0;
    private const UNTOLD_TIMES = 3.0;

    /**
     * @param list<Stop> $stops   as they were told
     * @param float      $untoldS stood without a word
     * @param int        $timed   pieces that the press was timed by
     * @param float      $ranS    for these
     * @param int        $began   pieces that the first count brought, whose time nobody knows
     */
    private function __construct(public array $stops, public float $untoldS, public int $timed, public float $ranS, public ?int $firstMs, public ?int $lastMs, public int $began, public ?int $endedMs)
    {
    }

    /** @param list<RunEvent> $events in order */
    public static function of(array $events, float $reckonedS): self
    {
        $stops = [];
        $standing = $first = $last = $ended = null;
        $reason = StopReason::Other;
        $untold = $ran = $stood = 0.0;
        $timed = $began = 0;
        foreach ($events as $event) {
            if ($event->kind === RunEventKind::Stopped && $standing === null) {
                [$standing, $reason] = [$event->atMs, $event->reason ?? StopReason::Other];
            }
            if ($standing !== null && ($event->kind === RunEventKind::Resumed || $event->kind->works())) {
                // Who counts a piece has gone on, whether it was told or not.
                $stops[] = new Stop($standing, $event->atMs, $reason);
                $stood += ($event->atMs - max($standing, $last ?? $standing)) / 1000;
                $standing = null;
            }
            if ($event->kind === RunEventKind::Ended) {
                $ended = $event->atMs;
            }
            if (!$event->kind->works()) {
                continue;
            }
            $ended = null;
            if ($last === null) {
                $first = $event->atMs;
                $began = $event->pieces;
            } else {
                $gap = ($event->atMs - $last) / 1000 - $stood;
                if ($gap > self::UNTOLD_S + self::UNTOLD_TIMES * $event->pieces * $reckonedS) {
                    $untold += $gap;
                } else {
                    $ran += max(0.0, $gap);
                    $timed += $event->pieces;
                }
            }
            [$last, $stood] = [$event->atMs, 0.0];
        }
        if ($standing !== null) {
            $stops[] = new Stop($standing, null, $reason);
        }

        return new self($stops, $untold, $timed, $ran, firstMs: $first, lastMs: $last, began: $began, endedMs: $ended);
    }
}
