<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\Core\Darkroom\Drying;
use Ektype\Core\Screen\CoatSchool;

/** The dark room: its air, its places, its hours and its habits. */
final readonly class Room
{
    /**
     * @param string|null $readAt  local time at which the air was read; null while it is assumed
     * @param string      $caution what the air means for screens; empty where it is right
     */
    private function __construct(
        public float $temperatureC,
        public float $humidityPct,
        public float $airMS,
        public ?string $readAt,
        public int $dryingPlaces,
        public int $opensH,
        public int $closesH,
        public CoatSchool $coatSchool,
        public float $sharpFromPerInch,
        public float $rulingDivisor,
        public string $caution,
        public int $hands,
    ) {
    }

    public static function of(DarkRoom $of): self
    {
        return new self(
            $of->temperatureC,
            $of->humidityPct,
            $of->airMS,
            $of->readAt?->format('Y-m-d\TH:i'),
            $of->dryingPlaces,
            intdiv($of->opensMin, 60),
            closesH: intdiv($of->closesMin, 60),
            coatSchool: $of->coatSchool,
            sharpFromPerInch: $of->sharpFromPerInch,
            rulingDivisor: $of->rulingDivisor,
            caution: Drying::caution($of->temperatureC, $of->humidityPct),
            hands: $of->hands,
        );
    }
}
