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

    public function named(string $name): ?FilmPrinter
    {
        return $this->shelf()->findOneBy(['name' => $name]);
    }
}
