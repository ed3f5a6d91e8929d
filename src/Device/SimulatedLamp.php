<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Lamp\Lamp;

/** Stands in for a lamp with a light integrator: it fades as its kind does, and the integrator keeps it lit until the light is full. */
final readonly class SimulatedLamp implements ExposureLamp
{
    public function name(): string
    {
        return 'simulated lamp';
    }

    public function light(Lamp $lamp, float $seconds, \DateTimeImmutable $at): LampRun
    {
        if ($lamp->unitsPerS === null) {
            return new LampRun($this->name(), $seconds, $seconds, null, $at);
        }
        $faded = exp(($lamp->kind->usualAgeing()[0] ?? 0.0) * $lamp->hours / 1000);

        return new LampRun($this->name(), $seconds, round($seconds * $faded, 1), round($seconds * $lamp->unitsPerS, 1), $at);
    }
}
