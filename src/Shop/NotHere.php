<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

/** What was asked for is not in the shop, or not any more. */
final class NotHere extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('There is nothing at this address. It may have been removed; go back to the jobs.');
    }
}
