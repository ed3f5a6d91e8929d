<?php

declare(strict_types=1);

namespace Ektype\App\Shop\FilmPrinter;

use Ektype\App\Shop\Shelf;

/**
 * The film printers.
 *
 * @extends Shelf<FilmPrinter>
 */
final readonly class FilmPrinters extends Shelf
{
    protected static function kind(): string
    {
        return FilmPrinter::class;
    }

    /** What the shop’s films are on, as exposure knows it: that of all its printers, or clear film where they differ. */
    public function underLight(): string
    {
        $films = array_unique(array_map(static fn (FilmPrinter $p): string => $p->medium->underLight(), $this->all()));

        return \count($films) === 1 ? $films[0] : '';
    }

    public function named(string $name): ?FilmPrinter
    {
        return $this->shelf()->findOneBy(['name' => $name]);
    }
}
