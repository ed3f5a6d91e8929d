<?php

declare(strict_types=1);

namespace Ektype\App\Query\Films;

/** The PNG film of a plate; null where there is none. */
final readonly class FilmOfPlate
{
    public function __construct(public int $id, public ?string $filmName)
    {
    }
}
