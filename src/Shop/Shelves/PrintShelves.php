<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Shelves;

use Ektype\App\Shop\FilmPrinter\FilmPrinters;
use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Press\Presses;

/** Inks, how they gain, presses and film printers. */
final readonly class PrintShelves
{
    public function __construct(
        public Inks $inks,
        public ChartReads $charts,
        public Presses $presses,
        public FilmPrinters $filmPrinters,
    ) {
    }
}
