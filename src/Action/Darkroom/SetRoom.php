<?php

declare(strict_types=1);

namespace Ektype\App\Action\Darkroom;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Darkroom\Air;
use Ektype\Core\Screen\CoatSchool;

/** What was read or decided in the dark room. null leaves a thing as it is. */
final readonly class SetRoom implements Change
{
    public function __construct(
        private ?float $temperatureC = null,
        private ?float $humidityPct = null,
        private ?float $airMS = null,
        private ?int $dryingPlaces = null,
        private ?int $opensH = null,
        private ?int $closesH = null,
        private ?CoatSchool $coatSchool = null,
        private ?float $sharpFromPerInch = null,
        private ?float $rulingDivisor = null,
        private ?int $hands = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $room = $shop->light->darkRooms->ours();
        $air = new Air($this->temperatureC ?? $room->temperatureC, $this->humidityPct ?? $room->humidityPct, $this->airMS ?? $room->airMS);
        $opens = $this->opensH ?? intdiv($room->opensMin, 60);
        $closes = $this->closesH ?? intdiv($room->closesMin, 60);
        if ($closes <= $opens) {
            throw Refused::at(
                'closes',
                \sprintf('The room cannot close at %d when it opens at %d. Swap them, or look at the clock.', $closes, $opens),
            );
        }
        if ($this->rulingDivisor !== null && !\in_array($this->rulingDivisor, RulingSchool::DIVISORS, true)) {
            throw Refused::at(
                'rulingDivisor',
                \sprintf('The schools divide the threads per inch by %s. Choose one of them.', implode(', ', RulingSchool::DIVISORS)),
            );
        }
        if ($this->sharpFromPerInch !== null && !\in_array($this->sharpFromPerInch, CoatSchool::EDGE_FROM, true)) {
            throw Refused::at(
                'sharpFromPerInch',
                \sprintf(
                    'The schools take the sharp edge from %s threads per inch on. Choose one of them.',
                    implode(' or from ', CoatSchool::EDGE_FROM),
                ),
            );
        }
        [$room->temperatureC, $room->humidityPct, $room->airMS] = [$air->temperatureC, $air->humidityPct, $air->airMS];
        [$room->opensMin, $room->closesMin] = [60 * $opens, 60 * $closes];
        $room->dryingPlaces = $this->dryingPlaces ?? $room->dryingPlaces;
        $room->hands = $this->hands ?? $room->hands;
        $room->coatSchool = $this->coatSchool ?? $room->coatSchool;
        $room->sharpFromPerInch = $this->sharpFromPerInch ?? $room->sharpFromPerInch;
        $room->rulingDivisor = $this->rulingDivisor ?? $room->rulingDivisor;
        $read = $this->temperatureC !== null || $this->humidityPct !== null || $this->airMS !== null;
        if ($read) {
            $room->readAt = $shop->now();
        }
        $shop->light->darkRooms->add($room);

        return $read ? 'Air of the dark room' : 'Dark room';
    }
}
