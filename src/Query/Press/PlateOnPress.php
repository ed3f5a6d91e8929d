<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Reckoning\PlateRegister;

/** A plate on the press; without a register where nothing was read yet. */
final readonly class PlateOnPress
{
    /**
     * @param string           $mind   what must be minded of its screen or its readings; empty where nothing
     * @param TurnsBefore|null $turned what was turned last, and what it did
     */
    public function __construct(public int $id, public ?PlateRegister $register, public string $mind, public ?TurnsBefore $turned)
    {
    }
}
