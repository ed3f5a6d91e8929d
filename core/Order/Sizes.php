<?php

declare(strict_types=1);

namespace Ektype\Core\Order;

/** The sizes in which garments are usually ordered. */
final class Sizes
{
    public const USUAL = ['S', 'M', 'L', 'XL'];
}
