<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/**
 * How long a coated or washed screen dries. The rate grows with (1 − RH), with temperature (twice for each 12 K,
 * heuristic) and with moving air; the time with the wet film. One thin coat in warm moving air takes minutes, a thick one
 * in a cold, damp, still room a day.
 */
final class Drying
{
    /** Until 100 µm of water have left an emulsion at 25 °C, 40 % humidity and still air, hours (heuristic). */
    private const USUAL_HOURS = 1.3;
    private const DOUBLES_EVERY_K = 12.0;
    /** Air of one metre a second dries so many times as fast as still air (heuristic). */
    private const MOVING = 2.5;
    /** Above this humidity or under this temperature it hardly dries. */
    public const MOST_HUMIDITY = 50.0;
    public const LEAST_C = 20.0;
    public const MOST_C = 40.0;

    /**
     * @param float $waterUm     that has to leave
     * @param float $humidityPct relative
     * @param float $airMS       metres a second
     *
     * @throws ImpossibleAir where the air cannot be like that
     */
    public static function hours(float $waterUm, float $temperatureC, float $humidityPct, float $airMS = 0.0): float
    {
        if ($humidityPct < 0 || $humidityPct > 100) {
            throw ImpossibleAir::at(
                'humidity',
                \sprintf(
                    'Air holds 0 to 100 %% of humidity; %.0f %% is a misreading. Look at the meter again: damp stencils underexpose.',
                    $humidityPct,
                ),
            );
        }
        if ($temperatureC < -10 || $temperatureC > 60) {
            throw ImpossibleAir::at('temperature', \sprintf('Screens are not dried at %.0f °C. Check whether it is in °C.', $temperatureC));
        }
        if ($airMS < 0 || $airMS > 20) {
            throw ImpossibleAir::at('air', \sprintf('Air of %.1f m/s is no fan. Give 0 for still air, about 1 before a fan.', $airMS));
        }
        $dry = max(0.02, 1 - $humidityPct / 100) / 0.6;
        $warm = 2 ** (($temperatureC - 25) / self::DOUBLES_EVERY_K);
        $moving = 1 + (self::MOVING - 1) * sqrt($airMS);

        return self::USUAL_HOURS * $waterUm / 100 / ($dry * $warm * $moving);
    }

    /** What the air means for the screen; empty where it is right. */
    public static function caution(float $temperatureC, float $humidityPct): string
    {
        return match (true) {
            $humidityPct > self::MOST_HUMIDITY => \sprintf('At %.0f %% humidity screens stay damp inside: they underexpose whatever the clock says. Run a dehumidifier to under %.0f %%.', $humidityPct, self::MOST_HUMIDITY),
            $temperatureC > self::MOST_C => \sprintf(
                'At %.0f °C emulsion begins to fog and harden. Keep under %.0f °C.',
                $temperatureC,
                self::MOST_C,
            ),
            $temperatureC < self::LEAST_C => \sprintf(
                'At %.0f °C screens dry slowly. %.0f to %.0f °C is right.',
                $temperatureC,
                self::LEAST_C,
                self::MOST_C,
            ),
            default => '',
        };
    }
}
