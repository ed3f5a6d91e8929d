<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\App\Query\Light\KnowTimes;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Learns from a step test or a look at the sink as soon as it has come, so that no page waits for it. */
final class LearnsTimes
{
    /** How often an idle worker looks, s. */
    private const EVERY_S = 3.0;

    private float $looked = 0.0;

    public function __construct(private readonly KnowTimes $times)
    {
    }

    #[AsEventListener]
    public function onIdle(WorkerRunningEvent $event): void
    {
        if ($event->isWorkerIdle() && microtime(true) - $this->looked >= self::EVERY_S) {
            $this->looked = microtime(true);
            $this->times->learn();
        }
    }
}
