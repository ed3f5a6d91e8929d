<?php

declare(strict_types=1);

namespace Ektype\App\Action;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Change\Changes;
use Ektype\App\Shop\Change\RowStore;
use Ektype\App\Shop\Correction\Corrections;
use Ektype\App\Shop\DarkRoom\DarkRooms;
use Ektype\App\Shop\Emulsion\Emulsions;
use Ektype\App\Shop\FilmPrinter\FilmPrinters;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\FrameLine\FrameLine;
use Ektype\App\Shop\FrameLine\FrameLines;
use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\OwnMesh\OwnMeshes;
use Ektype\App\Shop\Plate\Plates;
use Ektype\App\Shop\Press\Presses;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Shop\Stencil\Recipes;
use Ektype\App\Shop\Stencil\Stencils;
use Ektype\App\Shop\StepTest\StepTests;
use Ektype\App\Shop\Task\Tasks;
use Ektype\App\Shop\TensionReading\TensionReadings;
use Ektype\App\Shop\Written\Written;
use Psr\Clock\ClockInterface;

/** What a change has at hand: the shelves of the shop, its files, the clock, and whose hand it is. */
final readonly class ShopFloor
{
    public function __construct(
        public Jobs $jobs,
        public Plates $plates,
        public Frames $frames,
        public FrameLines $frameLines,
        public Stencils $stencils,
        public TensionReadings $tensions,
        public StepTests $stepTests,
        public ChartReads $charts,
        public Corrections $corrections,
        public Inks $inks,
        public Lamps $lamps,
        public Emulsions $emulsions,
        public Presses $presses,
        public FilmPrinters $filmPrinters,
        public OwnMeshes $ownMeshes,
        public DarkRooms $darkRooms,
        public Tasks $tasks,
        public Changes $changes,
        public RowStore $rows,
        public ShopFiles $files,
        public Written $written,
        public Recipes $recipes,
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
        $this->frameLines->add(new FrameLine($frame, $this->now(), $what));
    }
}
