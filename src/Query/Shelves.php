<?php

declare(strict_types=1);

namespace Ektype\App\Query;

use Ektype\App\Query\Reckoning\KeptTimes;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\Plates;
use Ektype\App\Shop\Shelves\LightShelves;
use Ektype\App\Shop\Shelves\PrintShelves;
use Ektype\App\Shop\Shelves\ScreenShelves;
use Ektype\App\Shop\Task\Tasks;
use Ektype\App\Shop\Turn;
use Ektype\App\Shop\Written\FolderSums;

/** The shelves that a look at the shop takes things from. */
final readonly class Shelves
{
    public function __construct(
        public Jobs $jobs,
        public Plates $plates,
        public Tasks $tasks,
        public ScreenShelves $screens,
        public LightShelves $light,
        public PrintShelves $printing,
        public Turn $turn,
        public FolderSums $sums,
        public KeptTimes $times,
    ) {
    }
}
