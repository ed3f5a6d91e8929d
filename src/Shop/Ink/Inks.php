<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Ink;

use Ektype\App\Shop\Shelf;

/**
 * The inks of the shop.
 *
 * @extends Shelf<Ink>
 */
final readonly class Inks extends Shelf
{
    protected static function kind(): string
    {
        return Ink::class;
    }

    public function named(string $name): ?Ink
    {
        return $this->shelf()->findOneBy(['name' => $name]);
    }
}
