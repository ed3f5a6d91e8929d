<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\Core\Stencil\Drying;
use OpenApi\Attributes as OA;

/** The dark room: its air, its places, its hours and its habits. */
#[OA\Schema]
final readonly class RoomView
{
    public function __construct(
        #[OA\Property]
        public float $temperatureC,
        #[OA\Property]
        public float $humidityPct,
        #[OA\Property]
        public float $airMS,
        #[OA\Property(description: 'Local time at which the air was read; null while it is assumed')]
        public ?string $readAt,
        #[OA\Property]
        public int $dryingPlaces,
        #[OA\Property]
        public int $opensH,
        #[OA\Property]
        public int $closesH,
        #[OA\Property(enum: DarkRoom::COAT_SCHOOLS)]
        public string $coatSchool,
        #[OA\Property]
        public float $sharpFromPerInch,
        #[OA\Property]
        public float $rulingDivisor,
        #[OA\Property(description: 'What the air means for screens; empty where it is right')]
        public string $caution,
    ) {
    }

    public static function of(DarkRoom $room): self
    {
        return new self($room->temperatureC, $room->humidityPct, $room->airMS, $room->readAt?->format('Y-m-d\TH:i'), $room->dryingPlaces, intdiv($room->opensMin, 60), intdiv($room->closesMin, 60), $room->coatSchool, $room->sharpFromPerInch, $room->rulingDivisor, Drying::caution($room->temperatureC, $room->humidityPct));
    }
}
