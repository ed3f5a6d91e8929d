<?php

declare(strict_types=1);

namespace Ektype\App\Device;

/** A flat-bed scanner on which a strike-off lies. */
interface StrikeOffScanner
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;
}
