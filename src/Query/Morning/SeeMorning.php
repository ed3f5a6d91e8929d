<?php

declare(strict_types=1);

namespace Ektype\App\Query\Morning;

use Ektype\App\Query\Shelves\NamedKind;
use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Shop\Press\Presses;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\LampKind;
use Ektype\Core\Morning\FilmSource;
use Ektype\Core\Morning\Prints;
use Ektype\Core\Registration\KnobLayout;

/** The questions of the first morning. */
final readonly class SeeMorning
{
    public function __construct(private Frames $frames, private Lamps $lamps, private Presses $presses)
    {
    }

    public function questions(): FirstQuestions
    {
        return new FirstQuestions(
            $this->frames->count() + $this->lamps->count() + $this->presses->count() > 0,
            array_map(static fn (Prints $p): UsualShop => new UsualShop($p->value, $p->says(), $p->inks(), $p->frames()), Prints::cases()),
            array_map(static fn (PressKind $k): NamedKind => new NamedKind($k->value, $k->says()), PressKind::cases()),
            array_map(static fn (KnobLayout $k): NamedKind => new NamedKind($k->value, $k->says()), KnobLayout::cases()),
            array_map(static fn (LampKind $k): NamedKind => new NamedKind($k->value, ucfirst($k->says())), LampKind::cases()),
            array_map(static fn (EmulsionKind $k): NamedKind => new NamedKind($k->value, ucfirst($k->says())), EmulsionKind::cases()),
            films: array_map(static fn (FilmSource $k): NamedKind => new NamedKind($k->value, $k->says()), FilmSource::cases()),
        );
    }
}
