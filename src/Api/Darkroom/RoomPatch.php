<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Ektype\App\Action\Darkroom\SetRoom;
use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Screen\CoatSchool;
use Ektype\Core\Unit\Quantity;

/** What was read or decided in the dark room; what is not named stays. */
final readonly class RoomPatch
{
    public function __construct(
        public ?float $temperatureC = null,
        public ?float $humidityPct = null,
        public ?float $airMS = null,
        #[Bounded(Quantity::DryingPlaces)]
        public ?int $dryingPlaces = null,
        #[Within(0, 23, 'h')]
        public ?int $opensH = null,
        #[Within(1, 24, 'h')]
        public ?int $closesH = null,
        public ?CoatSchool $coatSchool = null,
        public ?float $sharpFromPerInch = null,
        public ?float $rulingDivisor = null,
        #[Within(1, 50)]
        public ?int $hands = null,
    ) {
    }

    public function change(): SetRoom
    {
        return new SetRoom(
            $this->temperatureC,
            $this->humidityPct,
            $this->airMS,
            $this->dryingPlaces,
            $this->opensH,
            $this->closesH,
            coatSchool: $this->coatSchool,
            sharpFromPerInch: $this->sharpFromPerInch,
            rulingDivisor: $this->rulingDivisor,
            hands: $this->hands,
        );
    }
}
