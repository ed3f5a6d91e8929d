<?php

declare(strict_types=1);

namespace Ektype\App\Query;

use Ektype\App\Query\Reckoning\KeptTimes;
use Ektype\App\Shop\Correction\Corrections;
use Ektype\App\Shop\DarkRoom\DarkRooms;
use Ektype\App\Shop\Emulsion\Emulsions;
use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\OwnMesh\OwnMeshes;
use Ektype\App\Shop\Plate\Plates;
use Ektype\App\Shop\Stencil\Stencils;
use Ektype\App\Shop\StepTest\StepTests;
use Ektype\App\Shop\Task\Tasks;
use Ektype\App\Shop\TensionReading\TensionReadings;
use Ektype\App\Shop\Turn;
use Ektype\App\Shop\Written\FolderSums;

/** The shelves that a look at the shop takes things from. */
final readonly class Shelves
{
    public function __construct(
        public Jobs $jobs,
        public Plates $plates,
        public Frames $frames,
        public Stencils $stencils,
        public TensionReadings $tensions,
        public StepTests $stepTests,
        public ChartReads $charts,
        public Corrections $corrections,
        public Inks $inks,
        public OwnMeshes $ownMeshes,
        public DarkRooms $darkRooms,
        public Tasks $tasks,
        public Turn $turn,
        public FolderSums $sums,
        public KeptTimes $times,
        public Lamps $lamps,
        public Emulsions $emulsions,
    ) {
    }
}
