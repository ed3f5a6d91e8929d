<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The air in which screens dry. */
final readonly class Air
{
    /** Taken until somebody reads it (heuristic). */
    public const USUAL_C = 24.0;
    public const USUAL_HUMIDITY_PCT = 45.0;
    public const USUAL_M_S = 0.5;
    /** Drying is told within a third either way: air differs from place to place (heuristic). */
    private const SPREAD = 1.35;

    /** @throws ImpossibleAir where it cannot be like that */
    public function __construct(
        public float $temperatureC = self::USUAL_C,
        public float $humidityPct = self::USUAL_HUMIDITY_PCT,
        public float $airMS = self::USUAL_M_S,
    ) {
        Drying::hours(100, $temperatureC, $humidityPct, $airMS);
    }

    public function dryHours(float $waterUm): float
    {
        return Drying::hours($waterUm, $this->temperatureC, $this->humidityPct, $this->airMS);
    }

    /** @param string|null $readAt when somebody read it; null while it is only assumed */
    public function figure(float $waterUm, ?string $readAt): Figure
    {
        $hours = $this->dryHours($waterUm);

        return new Figure(
            $hours,
            'h',
            $this->humidityPct > Drying::MOST_HUMIDITY ? Sign::OutOfBounds : Sign::Reckoned,
            $readAt === null ? 'trade default, air assumed' : 'trade default, air read '.$readAt,
            'Water in the wet film ÷ (1 − humidity), faster when warm and in moving air',
            [
                \sprintf('%.0f °C, %.0f %% humidity, air %.1f m/s', $this->temperatureC, $this->humidityPct, $this->airMS),
                \sprintf('%.0f µm of water have to leave it', $waterUm),
            ],
            school: '',
            wouldChange: 'Read the air in the dark room: it is set there.',
            low: $hours / self::SPREAD,
            high: $hours * self::SPREAD,
            text: $hours < 1 ? \sprintf('%.0f min', 60 * $hours) : \sprintf('%d h %02d', (int) $hours, (int) (60 * fmod($hours, 1))),
            between: 'as air differs from place to place',
        );
    }
}
