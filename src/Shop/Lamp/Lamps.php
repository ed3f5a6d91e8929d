<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Lamp;

use Ektype\App\Shop\Shelf;

/**
 * The exposure units.
 *
 * @extends Shelf<Lamp>
 */
final readonly class Lamps extends Shelf
{
    protected static function kind(): string
    {
        return Lamp::class;
    }

    public function named(string $name): ?Lamp
    {
        return $this->shelf()->findOneBy(['name' => $name]);
    }
}
