<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\Core\Cure\Dryer;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;

/** A probe that goes through a dryer on a garment, with its logger. */
interface DryerProbe
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;

    /**
     * @param float $filmUm of ink under which it lies
     * @param int   $seed   the same run again for the same number
     *
     * @return string what its logger writes
     */
    public function run(Dryer $dryer, float $filmUm, Underlay $cloth, CureNeed $need, float $dwellS, int $seed): string;
}
