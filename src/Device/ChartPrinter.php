<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Work\Chart\ChartFilm;
use Ektype\Core\Halftone\GainSetting;

/** A press on which a gain chart is printed, and the scanner on which its print is laid. */
interface ChartPrinter
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;

    /** @return string the scan of a print made at that setting, JPEG */
    public function scan(ChartFilm $film, GainSetting $at): string;
}
