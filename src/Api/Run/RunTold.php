<?php

declare(strict_types=1);

namespace Ektype\App\Api\Run;

use Ektype\Core\Run\RunEvent;
use Symfony\Component\Validator\Constraints as Assert;

/** What a device tells of a run, by its own clock. */
final readonly class RunTold
{
    /**
     * A clock that differs by less is right, ms: so long a busy shop or a weak network may take to hear of it, and what was
     * told in two parts may not change its order by that.
     */
    private const SAME_MS = 90_000;

    /**
     * @param list<EventTold> $events
     * @param int             $sentMs the clock of the device as it sends them
     */
    public function __construct(
        #[Assert\Valid, Assert\Count(min: 1, max: 500, minMessage: 'tells nothing.', maxMessage: 'are too many at once. Send them in parts of 500.')]
        public array $events,
        public int $sentMs,
    ) {
    }

    /**
     * By the clock of the shop: a tablet that is an hour off counts at the right time.
     *
     * @return list<RunEvent>
     */
    public function events(int $nowMs): array
    {
        $off = abs($nowMs - $this->sentMs) < self::SAME_MS ? 0 : $nowMs - $this->sentMs;

        return array_map(static fn (EventTold $e): RunEvent => $e->event($off), $this->events);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (EventTold $e): string => $e->id, $this->events);
    }
}
