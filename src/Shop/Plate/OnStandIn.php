<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Plate;

use Ektype\Core\Registration\RigidMove;

/** How a plate truly lay on the stand-in’s press, as the printer sees it, when the stand-in printed it first, and the last turns that it had had then. */
final readonly class OnStandIn
{
    public function __construct(public RigidMove $lay, public int $after)
    {
    }
}
