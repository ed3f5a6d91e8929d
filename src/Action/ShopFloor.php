<?php

declare(strict_types=1);

namespace Ektype\App\Action;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Change\Journal;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\FrameLine\FrameLine;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\Plates;
use Ektype\App\Shop\Shelves\LightShelves;
use Ektype\App\Shop\Shelves\PrintShelves;
use Ektype\App\Shop\Shelves\ScreenShelves;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Shop\Task\Tasks;
use Psr\Clock\ClockInterface;

/** What a change has at hand: the shelves of the shop, its files, the clock, and whose hand it is. */
final readonly class ShopFloor
{
    public function __construct(
        public Jobs $jobs,
        public Plates $plates,
        public Tasks $tasks,
        public ScreenShelves $screens,
        public LightShelves $light,
        public PrintShelves $printing,
        public Journal $journal,
        public ShopFiles $files,
        public Hand $hand,
        private ClockInterface $clock,
        private EntityManagerInterface $entities,
    ) {
    }

    /** Writes what was changed so far: unique places must be given up before they are taken. */
    public function settle(): void
    {
        $this->entities->flush();
    }

    public function now(): \DateTimeImmutable
    {
        return $this->clock->now();
    }

    /** Writes a line into a frame’s record. */
    public function note(Frame $frame, string $what): void
    {
        $this->screens->frameLines->add(new FrameLine($frame, $this->now(), $what));
    }
}
