<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Query\Art\SeeInks;
use Ektype\App\Query\Art\SeeMethods;
use Ektype\App\Shop\NotHere;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Unit\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;

/** Carries the jobs of an opened demo as far as they come, behind the pages, and prepares what is looked at first. */
#[AsMessageHandler]
final readonly class CarriesDemoOn
{
    private const LATER_MS = 1000;

    public function __construct(
        private DemoJobs $jobs,
        private SeeInks $inks,
        private SeeMethods $methods,
        private ShopDoor $door,
        private MessageBusInterface $bus,
        private LoggerInterface $log,
    ) {
    }

    public function __invoke(CarryDemoOn $on): void
    {
        // What was read before may be stale.
        $this->door->do();
        try {
            if (!$this->jobs->step($on)) {
                $this->bus->dispatch($on, [new DelayStamp(self::LATER_MS)]);

                return;
            }
            $this->prepare($on->jobId);
        } catch (NotHere) {
            // Somebody has thrown the job away meanwhile.
        } catch (\Throwable $fault) {
            $this->log->warning('A job of the demo was not carried on.', ['job' => $on->jobId, 'exception' => $fault]);
        }
    }

    /** What the bench of the art reckons at length when it is first opened is reckoned now, and kept. */
    private function prepare(int $job): void
    {
        try {
            foreach ($this->inks->of($job)->counts as $count) {
                $this->inks->picture($job, $count->screens);
            }
            $this->inks->orders($job);
        } catch (Refusal) {
            // Not every job is printed in many inks, nor in an order that is seen.
            return;
        }
        foreach (MethodName::cases() as $method) {
            try {
                $this->methods->picture($job, $method);
            } catch (Refusal) {
                // A way that cannot be shows no picture.
            }
        }
    }
}
