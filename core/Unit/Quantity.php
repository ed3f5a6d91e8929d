<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/** Quantities that are asked for in more than one place: their unit, and the bounds outside which a figure is a slip of the pen. */
enum Quantity
{
    case Heads;
    case Platens;
    case Flashes;
    case DotAngle;
    case Ruling;
    /** Under the lamp. */
    case StripSeconds;
    /** From the clamped end of a frame. */
    case PrintCentre;
    case LampDistance;
    case DryingPlaces;
    case FlashHeight;
    case FlashSeconds;
    case PlatenHeat;
    case OffContact;
    case Tolerance;
    case KnobTurns;

    /** @return array{float, float, string} least, most and unit */
    public function bounds(): array
    {
        return match ($this) {
            self::Heads => [1.0, 24.0, ''],
            self::Platens => [1.0, 48.0, ''],
            self::Flashes => [0.0, 12.0, ''],
            self::DotAngle => [-180.0, 180.0, '°'],
            self::Ruling => [5.0, 200.0, 'lines per inch'],
            self::StripSeconds => [0.01, 86400.0, 's'],
            self::PrintCentre => [20.0, 2000.0, 'mm'],
            self::LampDistance => [1.0, 10000.0, 'mm'],
            self::DryingPlaces => [0.0, 500.0, ''],
            self::FlashHeight => [10.0, 300.0, 'mm'],
            self::FlashSeconds => [0.1, 120.0, 's'],
            self::PlatenHeat => [-10.0, 104.0, '°C'],
            self::OffContact => [0.0, 30.0, 'mm'],
            self::Tolerance => [0.001, 20.0, 'mm'],
            self::KnobTurns => [-50.0, 50.0, 'turns'],
        };
    }
}
