<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Dryer;

use Ektype\App\Shop\Shelf;

/**
 * The dryers.
 *
 * @extends Shelf<ShopDryer>
 */
final readonly class ShopDryers extends Shelf
{
    protected static function kind(): string
    {
        return ShopDryer::class;
    }
}
