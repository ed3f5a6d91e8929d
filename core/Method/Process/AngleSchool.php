<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Process;

/** At which angles four-colour plates stand: each at its own, or all at one that is safe on the mesh. */
enum AngleSchool: string
{
    case Fan = 'fan';
    case One = 'one angle';

    /** Yellow, magenta, cyan and black before they are turned off the mesh, degrees (school). */
    public const FAN = [0.0, 75.0, 15.0, 45.0];
    public const CYAN = 15.0;

    /**
     * @param float $safe the one angle; in a fan that of cyan, 15° and what it is turned off the mesh, degrees
     *
     * @return array{float, float, float, float} of yellow, magenta, cyan and black, degrees
     */
    public function angles(float $safe): array
    {
        $turn = $safe - self::CYAN;

        return $this === self::One
            ? [$safe, $safe, $safe, $safe]
            : [self::within(self::FAN[0] + $turn), self::within(self::FAN[1] + $turn), self::within(self::FAN[2] + $turn), self::within(self::FAN[3] + $turn)];
    }

    private static function within(float $angle): float
    {
        return fmod($angle + 90, 90.0);
    }
}
