<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Shelves;

use Ektype\App\Shop\Dryer\ShopDryers;
use Ektype\App\Shop\FilmPrinter\FilmPrinters;
use Ektype\App\Shop\Gain\ChartReads;
use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Press\Presses;
use Ektype\App\Shop\Price\PriceLists;
use Ektype\App\Shop\Run\RunEntries;
use Ektype\App\Shop\Trial\Trials;

/** Inks, how they gain, presses, film printers, dryers, runs, prices and trials. */
final readonly class PrintShelves
{
    public function __construct(
        public Inks $inks,
        public ChartReads $charts,
        public Presses $presses,
        public FilmPrinters $filmPrinters,
        public RunEntries $runs,
        public PriceLists $prices,
        public ShopDryers $dryers,
        public Trials $trials,
    ) {
    }
}
