<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Lamp\Lamp;

/** A lamp whose timer can be started from afar. */
interface ExposureLamp
{
    /** As it is called on screen; a stand-in says that it is simulated. */
    public function name(): string;

    /** Lights it for so many seconds; what its integrator will have counted, where it has one. */
    public function light(Lamp $lamp, float $seconds, \DateTimeImmutable $at): LampRun;
}
