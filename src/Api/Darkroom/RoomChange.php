<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\DarkRoom\DarkRoom;
use Ektype\Core\Mesh\MeshSuggestion;
use Ektype\Core\Stencil\Drying;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;

/** Keeps what was read or decided in the dark room. */
final readonly class RoomChange
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @throws Refusal where a value cannot be; nothing is stored then */
    public function apply(Given $given, \DateTimeImmutable $now): void
    {
        $room = DarkRoom::of($this->entities);
        $temperature = $given->numberOr('temperatureC', $room->temperatureC, unit: '°C') ?? $room->temperatureC;
        $humidity = $given->numberOr('humidityPct', $room->humidityPct, unit: '%') ?? $room->humidityPct;
        $air = $given->numberOr('airMS', $room->airMS, unit: 'm/s') ?? $room->airMS;
        try {
            // The model itself tells what air cannot be.
            Drying::hours(100, $temperature, $humidity, $air);
        } catch (Refusal $refused) {
            throw Refusal::at(['humidity_pct' => 'humidityPct', 'temperature_c' => 'temperatureC', 'air_m_s' => 'airMS'][$refused->field] ?? $refused->field, $refused->getMessage());
        }
        $places = $given->has('dryingPlaces') ? $given->whole('dryingPlaces', 1, 200) : $room->dryingPlaces;
        $opens = $given->has('opensH') ? $given->whole('opensH', 0, 23) : intdiv($room->opensMin, 60);
        $closes = $given->has('closesH') ? $given->whole('closesH', 1, 24) : intdiv($room->closesMin, 60);
        if ($closes <= $opens) {
            throw Refusal::at('closesH', \sprintf('The room cannot close at %d when it opens at %d. Swap them, or look at the clock.', $closes, $opens));
        }
        $school = $given->oneOf('coatSchool', DarkRoom::COAT_SCHOOLS, $room->coatSchool);
        $sharp = $given->numberOr('sharpFromPerInch', $room->sharpFromPerInch) ?? $room->sharpFromPerInch;
        if (!\in_array($sharp, DarkRoom::EDGE_SCHOOLS, true)) {
            throw Refusal::at('sharpFromPerInch', 'The schools take the sharp edge from 150 or from 160 threads per inch on. Choose one of them.');
        }
        $divisor = $given->numberOr('rulingDivisor', $room->rulingDivisor) ?? $room->rulingDivisor;
        if (!\in_array($divisor, MeshSuggestion::DIVISORS, true)) {
            throw Refusal::at('rulingDivisor', \sprintf('The schools divide the threads per inch by %s. Choose one of them.', implode(', ', MeshSuggestion::DIVISORS)));
        }
        [$room->temperatureC, $room->humidityPct, $room->airMS, $room->dryingPlaces, $room->opensMin, $room->closesMin, $room->coatSchool, $room->sharpFromPerInch, $room->rulingDivisor] = [$temperature, $humidity, $air, $places, 60 * $opens, 60 * $closes, $school, $sharp, $divisor];
        if ($given->has('temperatureC') || $given->has('humidityPct') || $given->has('airMS')) {
            $room->readAt = $now;
        }
        $this->entities->persist($room);
        $this->entities->flush();
    }
}
