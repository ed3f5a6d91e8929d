<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Price;

use Ektype\App\Shop\Shelf;

/**
 * The price list: a shop has one.
 *
 * @extends Shelf<PriceList>
 */
final readonly class PriceLists extends Shelf
{
    protected static function kind(): string
    {
        return PriceList::class;
    }

    /** As it was written, or as a shop begins. */
    public function ours(): PriceList
    {
        return $this->first() ?? new PriceList();
    }
}
