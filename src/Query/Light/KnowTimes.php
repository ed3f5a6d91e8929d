<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\KeptTimes;
use Ektype\App\Query\Snapshot;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Has what the tests say of all lamps reckoned and kept as soon as one has come, by an idle worker, so that no page waits for it. */
final class KnowTimes
{
    /** How often an idle worker looks, s. */
    private const EVERY_S = 3.0;

    private float $looked = 0.0;
    private string $known = '';

    public function __construct(private readonly Moment $moment, private readonly KeptTimes $kept)
    {
    }

    #[AsEventListener]
    public function onIdle(WorkerRunningEvent $event): void
    {
        if ($event->isWorkerIdle() && microtime(true) - $this->looked >= self::EVERY_S) {
            $this->looked = microtime(true);
            $this->learn();
        }
    }

    private function learn(): void
    {
        $from = $this->kept->from();
        if ($from === $this->known) {
            return;
        }
        $this->moment->see(static function (Snapshot $shop): void {
            $known = $shop->lightBook()->known();
            foreach ($shop->shelves->light->lamps->all() as $lamp) {
                $shop->shelves->times->drift($lamp->name, $known);
            }
        });
        $this->known = $from;
    }
}
