<?php

declare(strict_types=1);

namespace Ektype\App\Request;

use Ektype\Core\Unit\Quantity;

/** A number within the bounds of its quantity. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Bounded extends Within
{
    public function __construct(Quantity $quantity)
    {
        parent::__construct(...$quantity->bounds());
    }
}
