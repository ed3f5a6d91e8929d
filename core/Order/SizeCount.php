<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

/** So many pieces of one size. */
final readonly class SizeCount
{
    public function __construct(public string $size, public int $pieces)
    {
    }
}
