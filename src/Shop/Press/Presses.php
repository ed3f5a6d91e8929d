<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Press;

use Ektype\App\Shop\Shelf;

/**
 * The presses.
 *
 * @extends Shelf<Press>
 */
final readonly class Presses extends Shelf
{
    protected static function kind(): string
    {
        return Press::class;
    }

    public function named(string $name): ?Press
    {
        return $this->shelf()->findOneBy(['name' => $name]);
    }
}
