<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/** The place of one plate’s target in one corner: the key prints a ring there, the plate its cross. */
final readonly class RegisterSlot
{
    /**
     * @param string $corner as its mark is called
     * @param int    $plate  by its place in the print order, the key is 0
     * @param Point  $at     from the centre of the print, right and up
     */
    public function __construct(public string $corner, public int $plate, public Point $at)
    {
    }
}
