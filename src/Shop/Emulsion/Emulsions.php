<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Emulsion;

use Ektype\App\Shop\Shelf;

/**
 * The emulsions.
 *
 * @extends Shelf<Emulsion>
 */
final readonly class Emulsions extends Shelf
{
    protected static function kind(): string
    {
        return Emulsion::class;
    }

    public function named(string $name): ?Emulsion
    {
        return $this->shelf()->findOneBy(['name' => $name]);
    }
}
