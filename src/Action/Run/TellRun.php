<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Run\RunEntry;
use Ektype\Core\Run\RunEvent;

/** What a device tells of a run is kept, each event once: a count that was sent twice is one. The bench takes its own steps back. */
final readonly class TellRun implements Unrecorded
{
    /** @param list<RunEvent> $events */
    public function __construct(private int $jobId, private array $events)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $known = $shop->printing->runs->known($job);
        foreach ($this->events as $event) {
            if (!isset($known[$event->id])) {
                $known[$event->id] = true;
                $shop->printing->runs->add(new RunEntry($job, $event));
            }
        }

        return 'Count of '.$job->name;
    }
}
