<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/**
 * A run as far as it went, out of everything that any device told of it. It hangs on the events alone, not on the order in
 * which they arrived nor on how often.
 */
final readonly class RunCount
{
    public int $good;
    public int $misprints;
    public int $ordered;
    /** The stop that lasts; null while the press runs. */
    public ?Stop $standing;

    /** A cause that comes so often among the last pieces is said. */
    private const AGAIN = 3;
    private const AMONG = 24;

    /**
     * @param list<LineCounted> $lines
     * @param list<Misprints>   $misprinted by cause, most first
     * @param list<InkOnScreen> $inks       in print order
     * @param list<Box>         $boxes
     * @param list<Stop>        $stops
     * @param list<RunNote>     $notes
     * @param OnTable|null      $table      null where the press carries all screens at once
     * @param list<string>      $says
     */
    private function __construct(
        public array $lines,
        public array $misprinted,
        public array $inks,
        public array $boxes,
        public array $stops,
        public array $notes,
        public Going $goes,
        public int $lookIn,
        public int $line,
        public array $says,
        public ?OnTable $table,
    ) {
        $this->good = array_sum(array_map(static fn (LineCounted $l): int => $l->good, $lines));
        $this->misprints = array_sum(array_map(static fn (LineCounted $l): int => $l->misprints, $lines));
        $this->ordered = array_sum(array_map(static fn (LineCounted $l): int => $l->ordered, $lines));
        $last = $stops[\count($stops) - 1] ?? null;
        $this->standing = $last?->toMs === null ? $last : null;
    }

    /** @param list<RunEvent> $told in any order, some perhaps twice */
    public static function of(RunOrder $order, array $told, int $nowMs): self
    {
        $events = self::counted($told);
        $lines = self::lines($order, $events);
        $passes = Passes::of($order, $events, array_sum(array_map(static fn (RunLine $l): int => $l->pieces(), $order->lines)));
        // On a table each colour is a piece’s work by itself.
        $colours = \count(array_filter($events, static fn (RunEvent $e): bool => $e->kind === RunEventKind::Laid)) > 0 ? max(1, \count($passes->all)) : 1;
        $times = RunTimes::of($events, $order->secondsAPiece / $colours);
        $pace = Pace::of($order->secondsAPiece / $colours, $times->timed, $times->ranS)->times($colours);
        $left = array_sum(array_map(static fn (LineCounted $l): int => array_sum(array_map(static fn (SizeCounted $s): int => $s->left, $l->sizes)), $lines));
        $good = array_sum(array_map(static fn (LineCounted $l): int => $l->good, $lines));
        $done = $colours === 1 ? $good : intdiv($passes->layings(), $colours);
        $line = self::now($lines, $events);
        $misprinted = self::misprinted($events);

        return new self(
            $lines,
            $misprinted,
            self::inks($order, $events, $line, $pace->seconds),
            self::boxes($events),
            stops: $times->stops,
            notes: array_map(static fn (RunEvent $e): RunNote => new RunNote($e->atMs, $e->plate, $e->name), array_values(array_filter($events, static fn (RunEvent $e): bool => $e->kind === RunEventKind::Noted))),
            goes: new Going(
                $pace,
                $done,
                self::ahead($order, $times, $done, $nowMs, $colours),
                $left === 0 || $pace->seconds <= 0 || $times->firstMs === null ? null : (int) round($nowMs + 1000 * ($colours === 1 ? $left : max($left / $colours, $left + $good - $passes->layings() / $colours)) * $pace->seconds),
                endedMs: $times->endedMs,
            ),
            lookIn: self::lookIn($order, $events),
            line: $line,
            says: [...$passes->says(), ...self::says($order, $events, $lines, $misprinted, $times, $good)],
            table: $passes->all === [] ? null : new OnTable($passes->all, $passes->now(self::lastLaid($order, $events))),
        );
    }

    /** @param list<RunEvent> $events */
    private static function lastLaid(RunOrder $order, array $events): ?int
    {
        foreach (array_reverse($events) as $event) {
            if ($event->kind->works()) {
                return $event->plate ?? array_key_last($order->plates);
            }
        }

        return null;
    }

    /**
     * @param list<RunEvent> $told
     *
     * @return list<RunEvent> each once, without what was taken back, in the order in which it happened
     */
    private static function counted(array $told): array
    {
        $once = $back = [];
        foreach ($told as $event) {
            $once[$event->id] = $event;
            if ($event->kind === RunEventKind::TakenBack) {
                $back[$event->name] = true;
            }
        }
        $events = array_values(array_filter($once, static fn (RunEvent $e): bool => !isset($back[$e->id]) && $e->kind !== RunEventKind::TakenBack));
        usort($events, static fn (RunEvent $a, RunEvent $b): int => [$a->atMs, $a->id] <=> [$b->atMs, $b->id]);

        return $events;
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<LineCounted>
     */
    private static function lines(RunOrder $order, array $events): array
    {
        $good = $bad = [];
        foreach ($events as $event) {
            if ($event->kind === RunEventKind::Good) {
                $good[$event->line][$event->size] = ($good[$event->line][$event->size] ?? 0) + $event->pieces;
            } elseif ($event->kind === RunEventKind::Misprint) {
                $bad[$event->line] = ($bad[$event->line] ?? 0) + $event->pieces;
            }
        }
        $lines = [];
        $last = max([\count($order->lines) - 1, ...array_keys($good), ...array_keys($bad)]);
        for ($i = 0; $i <= $last; ++$i) {
            $line = $order->lines[$i] ?? new RunLine('A garment that is no longer in the order', []);
            // A size that was counted and has left the order since is not lost.
            $sizes = $line->sizes + array_fill_keys(array_keys($good[$i] ?? []), 0);
            $lines[] = new LineCounted($line->words, array_map(static fn (int|string $size, int $ordered): SizeCounted => new SizeCounted((string) $size, $ordered, $good[$i][$size] ?? 0), array_keys($sizes), array_values($sizes)), $bad[$i] ?? 0);
        }

        return $lines;
    }

    /**
     * The garment that is printed now: the one that was counted last, or the first that is not done.
     *
     * @param list<LineCounted> $lines
     * @param list<RunEvent>    $events
     */
    private static function now(array $lines, array $events): int
    {
        foreach (array_reverse($events) as $event) {
            if ($event->kind->prints() && ($lines[$event->line]->next ?? null) !== null) {
                return $event->line;
            }
        }
        foreach ($lines as $i => $line) {
            if ($line->next !== null) {
                return $i;
            }
        }

        return max(0, \count($lines) - 1);
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<Misprints>
     */
    private static function misprinted(array $events): array
    {
        $by = [];
        foreach ($events as $event) {
            if ($event->kind === RunEventKind::Misprint) {
                $cause = $event->cause ?? MisprintCause::Other;
                $was = $by[$cause->value] ?? new Misprints($cause, 0, []);
                $by[$cause->value] = new Misprints($cause, $was->pieces + $event->pieces, $event->at === null ? $was->places : [...$was->places, $event->at]);
            }
        }
        $all = array_values($by);
        usort($all, static fn (Misprints $a, Misprints $b): int => [$b->pieces, $a->cause->value] <=> [$a->pieces, $b->cause->value]);

        return $all;
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<InkOnScreen>
     */
    private static function inks(RunOrder $order, array $events, int $line, float $secondsAPiece): array
    {
        $inks = [];
        $last = array_key_last($order->plates);
        foreach ($order->plates as $plate => $name) {
            $laid = $plate !== $last && array_filter($events, static fn (RunEvent $e): bool => $e->kind === RunEventKind::Laid && $e->plate === $plate) !== [];
            $filled = $used = 0.0;
            $weighed = null;
            foreach ($events as $event) {
                if ($event->kind === RunEventKind::Filled && $event->plate === $plate) {
                    $filled += $event->grams ?? 0.0;
                } elseif ($event->kind === RunEventKind::Returned && $event->plate === $plate) {
                    $weighed = new InkUsed(($weighed->realG ?? 0.0) + $filled - ($event->grams ?? 0.0), ($weighed->reckonedG ?? 0.0) + $used);
                    $filled = $used = 0.0;
                } elseif ($filled > 0 && self::takes($event, $plate, $laid)) {
                    $used += $event->pieces * ($order->lines[$event->line]->grams[$plate] ?? 0.0);
                }
            }
            $inks[] = InkOnScreen::of($plate, $name, $filled, $used, $order->lines[$line]->grams[$plate] ?? 0.0, $secondsAPiece, weighed: $weighed);
        }

        return $inks;
    }

    /** Whether it took ink from a plate: on a table only where this colour was laid, or spoiled a piece. */
    private static function takes(RunEvent $event, int $plate, bool $laid): bool
    {
        return $laid
            ? $event->plate === $plate && ($event->kind === RunEventKind::Laid || $event->kind === RunEventKind::Misprint)
            : $event->kind->prints() && ($event->plate === null || $event->plate === $plate);
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<Box>
     */
    private static function boxes(array $events): array
    {
        $boxes = [];
        foreach ($events as $event) {
            if ($event->kind === RunEventKind::Boxed) {
                $boxes[$event->name] ??= new Box($event->name, $event->pieces);
            }
        }

        return array_values($boxes);
    }

    private static function ahead(RunOrder $order, RunTimes $times, int $done, int $nowMs, int $colours): int
    {
        if ($times->firstMs === null || $order->secondsAPiece <= 0) {
            return 0;
        }
        $ordered = array_sum(array_map(static fn (RunLine $l): int => $l->pieces(), $order->lines));
        $until = $times->endedMs ?? ($ordered > 0 && $done >= $ordered ? $times->lastMs ?? $nowMs : $nowMs);
        $planned = intdiv($times->began, $colours) + (int) floor(max(0, $until - $times->firstMs) / 1000 / $order->secondsAPiece);

        return $done - ($ordered > 0 ? min($ordered, $planned) : $planned);
    }

    /** @param list<RunEvent> $events */
    private static function lookIn(RunOrder $order, array $events): int
    {
        $since = 0;
        foreach ($events as $event) {
            $since = $event->kind === RunEventKind::Looked ? 0 : $since + ($event->kind->works() ? $event->pieces : 0);
        }

        return max(0, $order->lookEvery - $since);
    }

    /**
     * @param list<RunEvent>    $events
     * @param list<LineCounted> $lines
     * @param list<Misprints>   $misprinted
     *
     * @return list<string>
     */
    private static function says(RunOrder $order, array $events, array $lines, array $misprinted, RunTimes $times, int $good): array
    {
        $says = [];
        foreach ($lines as $line) {
            foreach ($line->sizes as $size) {
                if ($size->good > $size->ordered && $line->ordered > 0) {
                    $says[] = \sprintf('%s%s: %d more than ordered. Count them again, or set them aside as spares.', $line->words, $size->size === '' ? '' : ', '.$size->size, $size->good - $size->ordered);
                }
            }
        }
        $bad = array_sum(array_map(static fn (Misprints $m): int => $m->pieces, $misprinted));
        if ($bad > 3 && $bad > $good) {
            $says[] = \sprintf('%d misprints and %d good: more are spoiled than printed. If touches went to the wrong place, take them back; if not, stop the press and read a strike-off.', $bad, $good);
        }
        $again = self::again($events);
        if ($again !== null) {
            $says[] = \sprintf('%s, again and again. %s', ucfirst($again->value), $again->look());
        }
        $boxes = [];
        foreach ($events as $event) {
            if ($event->kind === RunEventKind::Boxed) {
                $boxes[$event->name][] = $event->pieces;
            }
        }
        foreach ($boxes as $name => $closed) {
            if (\count($closed) > 1) {
                $says[] = \sprintf('Box %s was closed %d times; it counts once, with %d pieces. Give the next box its own number.', $name, \count($closed), $closed[0]);
            }
        }
        $boxed = array_sum(array_map(static fn (array $p): int => $p[0], $boxes));
        if ($boxed > $good) {
            $says[] = \sprintf('%d pieces lie in boxes and %d are good: count a box again.', $boxed, $good);
        }
        foreach (self::inks($order, $events, 0, 0.0) as $ink) {
            if ($ink->used !== null && $ink->used->realG < 0) {
                $says[] = \sprintf('%.0f g more came back from %s than were put there: weigh it again, without its pot.', -$ink->used->realG, $ink->name);
            }
        }
        if ($times->untoldS > 0) {
            $says[] = \sprintf('%.0f min without a piece and without a word: taken as a stop, not as slow printing.', $times->untoldS / 60);
        }

        return $says;
    }

    /**
     * A cause that comes again among the last pieces.
     *
     * @param list<RunEvent> $events
     */
    private static function again(array $events): ?MisprintCause
    {
        $pieces = 0;
        $by = [];
        foreach (array_reverse($events) as $event) {
            if ($pieces >= self::AMONG || !$event->kind->prints()) {
                continue;
            }
            $pieces += $event->pieces;
            if ($event->kind === RunEventKind::Misprint && $event->cause !== null) {
                $by[$event->cause->value] = ($by[$event->cause->value] ?? 0) + $event->pieces;
                if ($by[$event->cause->value] >= self::AGAIN) {
                    return $event->cause;
                }
            }
        }

        return null;
    }
}
