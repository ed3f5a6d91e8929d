<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/**
 * A run on a table, colour after colour. Pieces lie in the order in which they were printed, and each colour goes along them in
 * that order; one that was spoiled is taken out. The last colour makes a piece good.
 */
final readonly class Passes
{
    /** @param list<Pass> $all in print order; empty where the press carries all screens at once */
    private function __construct(public array $all)
    {
    }

    /**
     * @param list<RunEvent> $events  counted ones, in order
     * @param int            $ordered pieces, 0 where nobody said how many
     */
    public static function of(RunOrder $order, array $events, int $ordered): self
    {
        if ($order->table === null || \count($order->plates) < 2) {
            return new self([]);
        }
        $last = array_key_last($order->plates);
        // When each piece that is still whole had its colour before, in the order in which they lie.
        $below = null;
        $all = [];
        foreach ($order->plates as $plate => $name) {
            [$times, $laid, $spoiled] = self::along($events, $plate, $plate === $last);
            $came = $below === null ? max($ordered, $laid + $spoiled) : \count($below);
            $waiting = $came - $laid - $spoiled;
            $next = $below[$laid + $spoiled] ?? null;
            $all[] = new Pass($plate, $name, $laid, $spoiled, $waiting, 1 + ($laid + $spoiled) % max(1, $order->table->stops), readyMs: $next, lastMs: $times === [] ? null : $times[\count($times) - 1]);
            $dry = (int) round(1000 * ($order->table->dryS[$plate] ?? 0.0));
            $below = array_map(static fn (int $ms): int => $ms + $dry, $times);
        }

        return new self($all);
    }

    /** How many of its colours a piece has, all together: so many layings the run has done. */
    public function layings(): int
    {
        return array_sum(array_map(static fn (Pass $p): int => $p->laid, $this->all));
    }

    /** The colour that was laid last, as long as pieces wait for it; then the next for which any do. */
    public function now(?int $plate): ?int
    {
        $waits = null;
        foreach ($this->all as $one) {
            if ($one->waiting > 0) {
                if ($one->plate === $plate) {
                    return $plate;
                }
                $waits ??= $one->plate;
            }
        }

        return $waits ?? ($this->all === [] ? null : $this->all[\count($this->all) - 1]->plate);
    }

    /** @return list<string> what cannot be so */
    public function says(): array
    {
        $says = [];
        foreach ($this->all as $i => $one) {
            if ($one->waiting < 0 && $i > 0) {
                $says[] = \sprintf('%d pieces have %s and only %d had %s: %d were counted in the wrong colour. Take them back and count them where they were laid.', $one->laid + $one->spoiled, $one->name, $one->laid + $one->spoiled + $one->waiting, $this->all[$i - 1]->name, -$one->waiting);
            }
        }

        return $says;
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return array{list<int>, int, int} when each piece had this colour, how many have it, how many were spoiled at it
     */
    private static function along(array $events, int $plate, bool $last): array
    {
        $times = [];
        $spoiled = 0;
        foreach ($events as $event) {
            $here = $event->plate === $plate || ($last && $event->plate === null);
            if ($here && $event->kind === RunEventKind::Misprint) {
                $spoiled += $event->pieces;
            } elseif ($last ? $event->kind === RunEventKind::Good : $here && $event->kind === RunEventKind::Laid) {
                array_push($times, ...array_fill(0, $event->pieces, $event->atMs));
            }
        }

        return [$times, \count($times), $spoiled];
    }
}
