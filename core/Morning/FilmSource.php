<?php

declare(strict_types=1);

namespace Ektype\Core\Morning;

use Ektype\Core\Film\FilmMedium;
use Ektype\Core\Film\FilmPrinter;

/** Where a shop’s films come from; figures of the usual machine stand until its own are measured (heuristic). */
enum FilmSource: string
{
    case InkjetSheets = 'inkjet, sheets';
    case InkjetRoll = 'inkjet, roll';
    case Laser = 'laser on vellum';
    case Service = 'a service';

    public function says(): string
    {
        return match ($this) {
            self::InkjetSheets => 'On our inkjet, sheets of clear film',
            self::InkjetRoll => 'On our inkjet, clear film from a roll',
            self::Laser => 'On a laser printer, vellum',
            self::Service => 'By a service, from our files',
        };
    }

    /** As it stands until a film was measured. */
    public function printer(): FilmPrinter
    {
        return match ($this) {
            self::InkjetSheets => new FilmPrinter('Inkjet, sheets', 720, 330, 483, 12),
            self::InkjetRoll => new FilmPrinter('Inkjet, roll', 720, 610, null, 12),
            self::Laser => new FilmPrinter('Laser on vellum', 600, 297, 420, 6, medium: FilmMedium::Vellum),
            self::Service => new FilmPrinter('Film service', 1200, 900, null, 5),
        };
    }
}
