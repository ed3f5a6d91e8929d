<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Shop\Press\Press;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\Registration\TrueKnobs;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for the press on which a strike-off was printed: each plate lies somewhere, moves by the turns that were confirmed,
 * as this press’s knobs truly move it, and every print is loaded a little elsewhere. All of it follows from numbers of the shop,
 * so that it lies there still at the next look.
 */
final class SimulatedPress
{
    /** A screen that was just set is off by no more, mm and radians. */
    private const OFF_MM = 0.7;
    private const OFF_RAD = 0.003;
    /** The pitch of a knob differs from its profile by no more, share. */
    private const PITCH_OFF = 0.06;
    private const PLAY_MM = 0.05;
    /** Where nobody has measured how prints scatter on this press, mm. */
    private const SCATTER_MM = 0.04;

    /** How a screen lies that nobody read yet; the same for the same name. */
    public static function justSet(string $screen): RigidMove
    {
        $random = self::by($screen);

        return new RigidMove(self::OFF_MM * self::either($random), self::OFF_MM * self::either($random), self::OFF_RAD * self::either($random));
    }

    /**
     * How a plate lies after the turns that were made since.
     *
     * @param list<array<string, float>> $turned by knob, clockwise positive, one time after the other
     */
    public static function lies(?Press $press, RigidMove $at, array $turned): RigidMove
    {
        $knobs = $press?->knobs() ?? [];
        $pitches = array_map(static fn (Knob $knob): float => 1 + self::PITCH_OFF * self::either(self::by('knob '.$press?->id.' '.$knob->name)), $knobs);
        $moved = (new TrueKnobs($knobs, $pitches, self::PLAY_MM))->moved(
            array_map(static fn (array $turns): array => array_map(static fn (Knob $knob): float => $turns[$knob->name] ?? 0.0, $knobs), $turned),
        );

        return new RigidMove($at->xMm + $moved->xMm, $at->yMm + $moved->yMm, $at->turnRad + $moved->turnRad);
    }

    /** The same on one print. */
    public static function printed(?Press $press, RigidMove $lies, string $print): RigidMove
    {
        $random = self::by('print '.$print);
        $scatter = $press->registerSigmaMm ?? self::SCATTER_MM;

        return new RigidMove($lies->xMm + $scatter * SimulatedNoise::normal($random), $lies->yMm + $scatter * SimulatedNoise::normal($random), $lies->turnRad);
    }

    private static function by(string $name): Randomizer
    {
        return new Randomizer(new Mt19937(crc32($name)));
    }

    /** From −1 to 1. */
    private static function either(Randomizer $random): float
    {
        return $random->getInt(-1_000_000, 1_000_000) / 1_000_000;
    }
}
