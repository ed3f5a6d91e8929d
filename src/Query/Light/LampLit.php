<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** A lamp whose timer was started. */
final readonly class LampLit
{
    /**
     * @param string     $device as it is called on screen
     * @param float      $burnsS how long it stays lit for the light that was asked for, s
     * @param float|null $units  that its integrator counts until then
     */
    public function __construct(public string $device, public float $seconds, public float $burnsS, public ?float $units)
    {
    }
}
