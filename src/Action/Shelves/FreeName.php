<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Refused;

/** Things on a shelf are told apart by their names. */
final class FreeName
{
    /** @throws Refused where another thing is called so */
    public static function must(?object $called, ?object $itself, string $name, string $on = 'name'): void
    {
        if ($called !== null && $called !== $itself) {
            throw Refused::at(
                $on,
                \sprintf(
                    '“%s” is on the shelf already. Two of one name would be mistaken for each other at the press: give this one another.',
                    $name,
                ),
            );
        }
    }
}
