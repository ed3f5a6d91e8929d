<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\Core\Film\FilmPrinter as Profile;

/** A film printer of the shop. */
final readonly class PrinterOnShelf
{
    /** @param string $caution what its black means for the screen; empty where it stops the lamp */
    private function __construct(public int $id, public Profile $profile, public string $caution, public bool $assumed)
    {
    }

    public static function of(FilmPrinter $of): self
    {
        return new self($of->idOrFail(), $of->profile(), $of->profile()->densitySentence(), $of->assumed);
    }
}
