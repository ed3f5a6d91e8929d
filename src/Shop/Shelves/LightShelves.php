<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Shelves;

use Ektype\App\Shop\Correction\Corrections;
use Ektype\App\Shop\DarkRoom\DarkRooms;
use Ektype\App\Shop\Emulsion\Emulsions;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\StepTest\StepTests;

/** Lamps, emulsions, the tests of both, what was seen at the sink, and the dark room. */
final readonly class LightShelves
{
    public function __construct(
        public Lamps $lamps,
        public Emulsions $emulsions,
        public StepTests $stepTests,
        public Corrections $corrections,
        public DarkRooms $darkRooms,
    ) {
    }
}
