<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** At which angles four-colour plates stand: each at its own, or all at one that is safe on the mesh. */
enum AngleSchool: string
{
    case Fan = 'fan';
    case One = 'one angle';

    /** The fan is turned so far off the mesh, degrees (school). */
    private const OFF_THE_MESH = 7.5;
    private const FAN = ['yellow' => 0.0, 'magenta' => 75.0, 'cyan' => 15.0, 'black' => 45.0];

    /**
     * @param float $safe the one angle, degrees
     *
     * @return array{float, float, float, float} of yellow, magenta, cyan and black, degrees
     */
    public function angles(float $safe): array
    {
        $at = fn (float $fan): float => $this === self::One ? $safe : $fan + self::OFF_THE_MESH;

        return [$at(self::FAN['yellow']), $at(self::FAN['magenta']), $at(self::FAN['cyan']), $at(self::FAN['black'])];
    }
}
